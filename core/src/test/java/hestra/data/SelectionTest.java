package hestra.data;

import java.util.List;
import java.util.OptionalInt;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class SelectionTest {

    @Test
    void theRowThatWasAddedLastIsInHand() {
        Selection two = Selection.of(7).with(3);
        assertThat(two.rows()).containsExactly(3, 7);
        assertThat(two.inHand()).hasValue(3);
        assertThat(two.isSeveral()).isTrue();
    }

    @Test
    void ofSeveralThatComeTogetherTheLastIsInHand() {
        assertThat(Selection.of(List.of(5, 2, 4)).inHand()).hasValue(5);
        assertThat(Selection.of(List.of())).isEqualTo(Selection.NONE);
    }

    @Test
    void withoutTheRowInHandAnotherOneIs() {
        Selection three = Selection.of(List.of(1, 2)).with(0);
        assertThat(three.without(0).inHand()).hasValue(2);
        assertThat(three.without(1).inHand()).as("another one left").hasValue(0);
        assertThat(Selection.of(4).without(4)).isEqualTo(Selection.NONE);
    }

    @Test
    void rowsAreFollowedWhereTheyGo() {
        Selection three = Selection.of(List.of(0, 2, 3));
        Selection after = three.following(new TableEdit.RemoveRows(List.of(1, 3))::rowAfter);
        assertThat(after.rows()).containsExactly(0, 1);
        assertThat(after.inHand()).as("the row in hand was removed").isEqualTo(OptionalInt.of(1));
    }
}
