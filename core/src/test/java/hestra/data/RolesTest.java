package hestra.data;

import java.util.List;
import java.util.OptionalInt;

import hestra.data.Roles.Use;
import hestra.numbers.DecimalMark;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class RolesTest {

    private static DataTable table(String headings, String... lines) {
        DataTable table = DataTable.empty(List.of(headings.split(" ")).stream().map(Variable::named).toArray(Variable[]::new));
        return new TableEdit.Paste(0, 0, List.of(lines).stream().map(line -> List.of(line.split(" "))).toList())
                .appliedTo(table, DecimalMark.POINT);
    }

    @Test
    void aColumnPutOnTheOthersAxisChangesPlacesWithIt() {
        assertThat(Roles.FIRST_EXPLAINS.with(0, Use.RESPONDS)).isEqualTo(new Roles(1, 0));
    }

    @Test
    void aColumnPutOnAnAxisTakesItOver() {
        assertThat(Roles.FIRST_EXPLAINS.with(2, Use.RESPONDS)).isEqualTo(new Roles(0, 2));
    }

    @Test
    void aColumnLeavesAnAxisOnlyForAnother() {
        assertThat(Roles.FIRST_EXPLAINS.with(0, Use.NAMES)).isEqualTo(Roles.FIRST_EXPLAINS);
        assertThat(Roles.FIRST_EXPLAINS.with(1, Use.NOTHING)).isEqualTo(Roles.FIRST_EXPLAINS);
    }

    @Test
    void aUsePassesFromColumnToColumn() {
        Roles named = Roles.FIRST_EXPLAINS.with(2, Use.NAMES);
        assertThat(named.useOf(2)).isEqualTo(Use.NAMES);
        assertThat(named.with(3, Use.NAMES).useOf(2)).isEqualTo(Use.NOTHING);
        assertThat(named.with(2, Use.COUNTS).label()).isEmpty();
        assertThat(named.with(2, Use.EXPLAINS)).as("an axis takes a label column whole").isEqualTo(new Roles(2, 1));
    }

    @Property
    void noColumnEverHasTwoUses(@ForAll @Size(max = 12) List<@IntRange(max = 4) Integer> columns,
            @ForAll @Size(max = 12) List<Use> uses) {
        Roles roles = Roles.FIRST_EXPLAINS;
        for (int i = 0; i < Math.min(columns.size(), uses.size()); i++) {
            roles = roles.with(columns.get(i), uses.get(i));
            Use got = roles.useOf(columns.get(i));
            assertThat(got == uses.get(i) || got.isAxis() && !uses.get(i).isAxis()).isTrue();
        }
        assertThat(roles.useOf(roles.explanatory())).isEqualTo(Use.EXPLAINS);
        assertThat(roles.useOf(roles.response())).isEqualTo(Use.RESPONDS);
    }

    @Test
    void twoUsesOfOneColumnAreRefused() {
        assertThatThrownBy(() -> new Roles(0, 1, OptionalInt.of(1), OptionalInt.empty(), OptionalInt.empty()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Roles(2, 2)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void namesAndNumbersAreToldApart() {
        DataTable table = table("rope days length shore", "Ash 1 2.5 north", "Birch 2 3.5 north", "Elm 4 6.0 south");
        assertThat(Roles.likelyIn(table)).isEqualTo(new Roles(1, 2, OptionalInt.of(0), OptionalInt.empty(), OptionalInt.empty()));
    }

    /** A column of counts or of groups is offered as such, never silently left out, and never put on an axis. */
    @Test
    void countsAndGroupsAreOffered() {
        DataTable table = table("depth n gulls shore", "1 3 8 north", "2 1 9 south", "4 2 12 north", "5 7 13 south");
        Roles likely = Roles.likelyIn(table);
        assertThat(likely).isEqualTo(new Roles(0, 2));
        assertThat(likely.offers(table)).containsExactly(new Roles.Offer(1, Use.COUNTS), new Roles.Offer(3, Use.GROUPS));
        assertThat(likely.with(1, Use.COUNTS).offers(table)).containsExactly(new Roles.Offer(3, Use.GROUPS));
        assertThat(Roles.likelyIn(table("n gulls", "3 8", "1 9"))).as("where there is no other").isEqualTo(new Roles(0, 1));
        DataTable halves = table("depth gulls count shore", "1 8 0.5 north", "2 9 1 south");
        assertThat(Roles.likelyIn(halves).offers(halves)).as("halves are no counts, words that come once no groups").isEmpty();
        DataTable many = table("depth gulls bay", "1 8 a", "2 9 a", "4 2 b", "5 7 b", "4 2 c", "5 7 c", "4 2 d", "5 7 d", "4 2 e",
                "5 7 e", "4 2 f", "5 7 f", "4 2 g", "5 7 g");
        assertThat(Roles.likelyIn(many).offers(many)).as("more groups than there are shapes").isEmpty();
    }

    @Test
    void rolesFollowTheirColumns() {
        Roles roles = new Roles(1, 2, OptionalInt.of(0), OptionalInt.of(3), OptionalInt.empty());
        DataTable table = table("rope days length shore", "Ash 1 2.5 north");
        TableEdit moved = new TableEdit.MoveColumn(0, 3);
        assertThat(roles.following(moved::columnAfter, moved.appliedTo(table, DecimalMark.POINT)))
                .isEqualTo(new Roles(0, 1, OptionalInt.of(3), OptionalInt.of(2), OptionalInt.empty()));
    }

    @Test
    void anAxisWhoseColumnIsRemovedGetsAnotherOfNumbers() {
        DataTable table = table("rope days length mass", "Ash 1 2.5 7", "Birch 2 3.5 9");
        TableEdit removed = new TableEdit.RemoveColumn(1);
        assertThat(new Roles(1, 3).following(removed::columnAfter, removed.appliedTo(table, DecimalMark.POINT)))
                .isEqualTo(new Roles(1, 2));
    }
}
