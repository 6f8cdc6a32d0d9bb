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
