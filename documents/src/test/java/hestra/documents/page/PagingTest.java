package hestra.documents.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import hestra.documents.page.Paging.Bond;
import hestra.documents.page.Paging.Leaf;
import hestra.documents.page.Paging.Slab;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Where pages of a height of 100 end. */
class PagingTest {

    private static List<List<Integer>> ends(List<Slab> slabs) {
        return Paging.leaves(slabs, 100).stream().map(leaf -> List.of(leaf.from(), leaf.to())).toList();
    }

    private static Slab slab(double height, Bond bond) {
        return Slab.of(height, bond);
    }

    @Test
    void aPageEndsWhereTheNextPieceDoesNotFit() {
        assertThat(ends(List.of(slab(50, Bond.NONE), slab(50, Bond.NONE), slab(1, Bond.NONE))))
                .containsExactly(List.of(0, 2), List.of(2, 3));
    }

    @Test
    void aHeadingGoesOverWithWhatFollowsIt() {
        assertThat(ends(List.of(slab(75, Bond.NONE), slab(10, Bond.FAST), slab(30, Bond.NONE))))
                .containsExactly(List.of(0, 1), List.of(1, 3));
    }

    @Test
    void whatIsLooselyBoundIsPartedOnlyWhereAPageWouldBeHalfEmpty() {
        List<Slab> full = List.of(slab(75, Bond.NONE), slab(20, Bond.LOOSE), slab(20, Bond.NONE));
        assertThat(ends(full)).containsExactly(List.of(0, 1), List.of(1, 3));
        List<Slab> bare = List.of(slab(50, Bond.NONE), slab(40, Bond.LOOSE), slab(40, Bond.NONE));
        assertThat(ends(bare)).containsExactly(List.of(0, 2), List.of(2, 3));
    }

    @Test
    void aPlotIsMadeLowerToMakeRoomAndHigherToFillAPage() {
        Slab plot = new Slab(60, 40, 80, 0, Bond.NONE);
        List<Leaf> lower = Paging.leaves(List.of(plot, slab(50, Bond.NONE)), 100);
        assertThat(lower).hasSize(1);
        assertThat(lower.getFirst().heights()).containsExactly(50, 50);
        List<Leaf> higher = Paging.leaves(List.of(plot, slab(90, Bond.NONE)), 100);
        assertThat(higher).hasSize(2);
        assertThat(higher.getFirst().heights()[0]).as("well filled").isCloseTo(70, within(1e-9));
        assertThat(Paging.leaves(List.of(plot), 100).getFirst().heights()[0]).as("the last page need not be full").isEqualTo(60);
    }

    @Test
    void theHeadingOfATableThatGoesOnTakesUpRoom() {
        Slab line = new Slab(30, 30, 30, 15, Bond.NONE);
        // Three lines fit where the heading stands in the first of them already, and two where it is repeated.
        assertThat(ends(List.of(slab(35, Bond.NONE), line, line, line, line, line)))
                .containsExactly(List.of(0, 3), List.of(3, 5), List.of(5, 6));
    }

    @Test
    void whatIsHigherThanAPageIsPartedWhereItMustBe() {
        assertThat(ends(List.of(slab(60, Bond.FAST), slab(60, Bond.FAST), slab(20, Bond.NONE))))
                .containsExactly(List.of(0, 1), List.of(1, 3));
        assertThat(ends(List.of(slab(10, Bond.NONE), slab(300, Bond.NONE), slab(10, Bond.NONE))))
                .containsExactly(List.of(0, 1), List.of(1, 2), List.of(2, 3));
    }

    /** Whatever the pieces: each stands on one page, in order; no page is too full; nothing fast is parted that fits a page. */
    @Test
    void everyPieceHasItsPlace() {
        Random random = new Random(7);
        for (int round = 0; round < 3_000; round++) {
            List<Slab> slabs = new ArrayList<>();
            int count = 1 + random.nextInt(25);
            for (int i = 0; i < count; i++) {
                double height = 1 + random.nextInt(45);
                double give = random.nextInt(3) == 0 ? height * 0.3 : 0;
                slabs.add(new Slab(height, height - give, height + give, random.nextInt(4) == 0 ? 8 : 0,
                        Bond.values()[random.nextInt(3)]));
            }
            int next = 0;
            for (Leaf leaf : Paging.leaves(slabs, 100)) {
                assertThat(leaf.from()).isEqualTo(next);
                assertThat(leaf.to()).isGreaterThan(leaf.from());
                assertThat(leaf.height()).isLessThanOrEqualTo(100.02);
                for (int i = leaf.from(); i < leaf.to(); i++) {
                    assertThat(leaf.heights()[i - leaf.from()]).isBetween(slabs.get(i).least() - 1e-9,
                            slabs.get(i).most() + slabs.get(leaf.from()).again() + 1e-9);
                }
                next = leaf.to();
                if (next < slabs.size() && slabs.get(next - 1).bond() == Bond.FAST) {
                    int end = next;
                    while (end < slabs.size() && slabs.get(end - 1).bond() == Bond.FAST) {
                        end++;
                    }
                    double run = slabs.subList(leaf.from(), end).stream().mapToDouble(Slab::least).sum()
                            + slabs.get(leaf.from()).again();
                    assertThat(run).as("it was parted since it does not fit").isGreaterThan(100);
                    assertThat(slabs.subList(leaf.from(), next).stream().map(Slab::bond))
                            .as("the page has nothing else at which it could have ended").doesNotContain(Bond.NONE, Bond.LOOSE);
                }
            }
            assertThat(next).isEqualTo(slabs.size());
        }
    }
}
