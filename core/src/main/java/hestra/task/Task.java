package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;

import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.TableEdit;
import hestra.feedback.NumberJudge;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
import hestra.fit.Curve;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;

/**
 * What is asked. A kind of task is one room: its file holds all that it knows of itself, and nothing outside asks which kind a
 * task is, but the form in which it is answered and the fields in which it is written.
 */
public sealed interface Task permits EnterData, ChooseRoles, Describe, FindSlip, Predict, Explain, ByEye, ReachTarget, FindPoint,
        MatchPlot, FillCalculation, DrawIt, TryOut, FromPicture, WriteSection, ByChoice, ByTyping {

    /** What it has in common with all tasks of its kind. */
    Kind kind();

    /** What every task has, whatever it asks. */
    Terms terms();

    /** The same task under other terms. */
    Task with(Terms terms);

    default String id() {
        return terms().id();
    }

    /** The answer as it stands on the bench: what was typed or chosen so far, or what was done in the table. */
    Answer standing(Bench bench);

    /** Whether an answer is of the kind that this task asks for. */
    boolean takes(Answer answer);

    /**
     * What an answer still lacks before it can be judged, as a sentence; nothing where it is complete. An unfinished answer costs
     * no try.
     *
     * @throws IllegalArgumentException if the answer is not of this kind
     */
    Optional<String> unfinished(Answer answer, Truth truth);

    /**
     * The verdict on an attempt; the same attempt always gets the same one.
     *
     * @throws IllegalArgumentException if the answer is not of this kind
     */
    default Verdict judge(Attempt attempt, Truth truth) {
        if (attempt.shown().isPresent()) {
            return Verdict.wrong(judged(attempt, truth)
                    .message() + " What you were to find was shown by then: only what you placed before counts.");
        }
        Verdict verdict = judged(attempt, truth).costing(terms().costOf(attempt.hints().orElse(0)));
        boolean explained = verdict.isRight() || !verdict.mistakes().isEmpty();
        return explained || terms().hint().isBlank() ? verdict : verdict.advising(terms().hint());
    }

    /**
     * An answer as one would type it: a number, a sentence, a choice by its text; nothing where the text is none that this task
     * could be answered with, or where it is answered by what is done in the table or on the plot.
     */
    default Optional<Answer> typed(String text, Truth truth) {
        return Optional.empty();
    }

    /** Whether it can be answered by typing. */
    default boolean isTyped() {
        return false;
    }

    /** What is expected of an answer that is typed, as a sentence, with an example. */
    default String expected(Truth truth) {
        return place() == AnswerPlace.SHEET
                ? "This cannot be answered by typing."
                : "This is done in the table or on the plot; it cannot be answered by typing.";
    }

    /** The verdict as the kind has it, before the author's own hint is given in the place of the usual advice. */
    Verdict judged(Attempt attempt, Truth truth);

    /** The right answer, and the mistakes that will be recognised, as the instructor sees them beside the task. */
    Key key(Truth truth);

    /**
     * An answer in words, a line each.
     *
     * @throws IllegalArgumentException if the answer is not of this kind
     */
    List<String> inWords(Answer answer, Truth truth);

    /** The rounding that is asked for. */
    default Rounding rounding() {
        return new Rounding.Free();
    }

    /** The same task with another rounding; itself where it asks for none. */
    default Task rounded(Rounding other) {
        return this;
    }

    /** The numbers that it asks for, each with all that decides on it. */
    default List<NumberJudge> numbers(Truth truth) {
        return List.of();
    }

    /** What its author has still left empty, as a sentence; nothing where it is complete. */
    default Optional<String> lacks() {
        return Optional.empty();
    }

    /** How many of the last rows of the printed table it leaves to the student to type. */
    default int leavesToType() {
        return 0;
    }

    /** Whether it leaves it to the student to say which variable explains. */
    default boolean leavesRoles() {
        return false;
    }

    /** The table as it is given out: with a wrong value in it where the task is to find that. */
    default DataTable givenOut(DataTable table, DecimalMark mark) {
        return table;
    }

    /** The rows, from 0, in which it gives out a wrong value. */
    default Set<Integer> slips() {
        return Set.of();
    }

    /** Whether what looks wrong in the table may not be pointed out until it is done. */
    default boolean hidesSuspicions() {
        return false;
    }

    /** Where it is answered. */
    default AnswerPlace place() {
        return AnswerPlace.SHEET;
    }

    /** The right answer as a student is told it after the last try; empty where there is none to tell. */
    default String rightAnswer(Truth truth) {
        Key key = key(truth);
        return key.computed() ? key.text() : "";
    }

    /** The aids that it calls for: a value cannot be read that is held back. */
    default Set<Aid> needs() {
        return Set.of();
    }

    /** What of the plot an answer is about. */
    default Subject subject() {
        return needs().isEmpty() ? Subject.NOTHING : Subject.CURVE;
    }

    /** The calculation that is filled in for it, where that is how it is answered. */
    default Optional<FillIn> fillIn(Truth truth) {
        return Optional.empty();
    }

    /** Whether it can be done in the plot where these changes of points are allowed. */
    default boolean canBeDoneWith(Set<PointChange> allowed) {
        return true;
    }

    /** Whether it asks what moves of single points did, so that they are remembered. */
    default boolean watchesMoves() {
        return false;
    }

    /** Whether it is answered in the picture that lies under the part's data. */
    default boolean readsPicture() {
        return false;
    }

    /**
     * Whether the part's plot is drawn only once the student has said which variable explains: drawn before, it would say so
     * itself.
     */
    default boolean drawsByRoles() {
        return false;
    }

    /** Whether the part's plot would give the answer away, and is not shown before it is done. */
    default boolean hidesPlot() {
        return false;
    }

    /** The aids that would give the answer away: they are closed before it is done, whatever else opens them. */
    default Set<Aid> hides() {
        return Set.of();
    }

    /** The aids that are open while a round that has been checked lasts: what the answer is then seen beside. */
    default Set<Aid> revealed() {
        return Set.of();
    }

    /** The aids that together show what it asks to be found by eye; none where it asks for nothing of that kind. */
    default Set<Aid> shownBy() {
        return Set.of();
    }

    /** The curve whose best fit is drawn beside the answer once a round has been checked. */
    default Optional<Curve> compared() {
        return Optional.empty();
    }

    /**
     * What an answer looks like; nothing where it is not made in a plot, or is not yet made.
     *
     * @throws IllegalArgumentException if the answer is not of this kind
     */
    default Optional<Sketch> sketch(Answer answer, Truth truth) {
        return Optional.empty();
    }

    /**
     * How near a curve by eye comes to the best one: its sum of squares as a multiple of the least; nothing where no curve is
     * placed.
     */
    default OptionalDouble nearness(Answer answer, Truth truth) {
        return OptionalDouble.empty();
    }

    /** Whether a person has to read the answer: what is found in it is proposed, and stands once the person has said so. */
    default boolean isReadByPerson() {
        return false;
    }

    /** Whether it is answered by what the student writes and keeps on the part's own sheet. */
    default boolean keepsSection() {
        return false;
    }

    /** The curve of which an equation that the student wrote counts here, right or wrong; nothing where none does. */
    default Optional<Curve> carriesOn() {
        return Optional.empty();
    }

    /** The curves that have to be on offer for it to be done. */
    default Set<Curve> curves() {
        return Set.of();
    }

    /** The curve whose equation the student writes; nothing where it asks for no equation. */
    default Optional<Curve> writes() {
        return Optional.empty();
    }

    /** How it is answered on paper. */
    List<OnPaper> onPaper(Truth truth);

    /** The rows, from 0, that it names: a variant that has some of the rows has these. */
    default Set<Integer> namedRows() {
        return slips();
    }

    /** The task with the numbers that it gives out as texts written otherwise. */
    default Task rewritten(UnaryOperator<String> written) {
        return this;
    }

    /** The rows, from 0, that it leaves to be found; none where it asks for no rows, or they cannot be told. */
    default Set<Integer> toFind(Truth truth) {
        return slips();
    }

    /** Whether a value of the data or their line is, or is part of, what it asks for. */
    default boolean asksFor(Quantity quantity) {
        return false;
    }

    /** Whether the answer can be read off a plot of the true data in which these aids are drawn. */
    default boolean isToldByPlot(Set<Aid> drawn) {
        return hidesPlot() || drawsByRoles() || !slips().isEmpty() || hides().stream().anyMatch(drawn::contains)
                || !shownBy().isEmpty() && drawn.containsAll(shownBy())
                || drawn.contains(Aid.EQUATION) && (asksFor(Quantity.SLOPE) || asksFor(Quantity.INTERCEPT));
    }

    /**
     * Why it cannot be done with the points that are given out and by the rules of the plot, though others might allow it: a
     * sentence or two; nothing where that is not so.
     */
    default Optional<String> outOfReach(Truth truth) {
        return Optional.empty();
    }

    /** Whether its key is a number that the author gave, whatever the data say. */
    default boolean hasFixedNumber() {
        return false;
    }

    /** The task without its key and the key apart, where the key was set by hand; nothing where it is computed. */
    default Optional<Sealing> sealing(Truth truth) {
        return Optional.empty();
    }

    /** Whether only a part of its key was set by hand and sealed: the rest is judged by what is computed. */
    default boolean isSealedInPart(Truth truth) {
        return false;
    }

    /**
     * The task as a student's copy has it: without what tells its key and is not needed for what the student is told in working
     * on it.
     */
    default Task bare() {
        return with(terms().bare());
    }

    /** The pieces of an answer that are compared with a key that was set by hand, each in one form of writing. */
    default List<String> pieces(Answer answer, Truth truth) {
        return List.of();
    }

    /** The task once something else in the part has changed: a key that was the proposed one is so again. */
    default Task inStep(Truth before, Truth now) {
        return this;
    }

    /** The task after a change of the part's data: places in the table that it names are followed. */
    default Task following(TableEdit change) {
        return this;
    }
}
