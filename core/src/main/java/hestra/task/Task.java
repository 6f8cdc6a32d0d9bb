package hestra.task;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import hestra.chance.Play;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;
/**
 * What is asked. A kind of task is one room: its file holds all that it knows of itself, and nothing outside asks which kind a
 * task is, but the form in which it is answered and the fields in which it is written. What only some kinds can do is a sealed
 * interface of its own, so that the head of a kind says what it is capable of: {@link AnsweredByText}, {@link AsksNumbers},
 * {@link ChangesTable}, {@link ComparedWithBest}, {@link Conceals}, {@link DoneOnPlot}, {@link KeepsInStep},
 * {@link LeavesToStudent}, {@link NamesRows}, {@link ReadByPerson}, {@link RestsOnGiven}, {@link SetByHand}, {@link Sketched},
 * {@link UsesCurve}.
 */
public sealed interface Task permits EnterData, ChooseRoles, Describe, FindSlip, Predict, Explain, ByEye, ReachTarget, FindPoint,
        MatchPlot, FillCalculation, DrawIt, TryOut, FromPicture, WriteSection, WhatChanceDoes,
        ByChoice, ByTyping {

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

    /** What its author has still left empty, as a sentence; nothing where it is complete. */
    default Optional<String> lacks() {
        return Optional.empty();
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

    /** What of the plot an answer is about. */
    default Subject subject() {
        return UsesCurve.of(this).needs().isEmpty() ? Subject.NOTHING : Subject.CURVE;
    }

    /** The calculation that is filled in for it, where that is how it is answered. */
    default Optional<FillIn> fillIn(Truth truth) {
        return Optional.empty();
    }

    /** Whether it is answered in the picture that lies under the part's data. */
    default boolean readsPicture() {
        return false;
    }

    /** Whether it asks what the pile of a play says, so that nothing else may tell. */
    default boolean asksWhatSays(Play play) {
        return false;
    }

    /** How it is answered on paper. */
    List<OnPaper> onPaper(Truth truth);

    /** The task with the numbers that it gives out as texts written otherwise. */
    default Task rewritten(UnaryOperator<String> written) {
        return this;
    }

    /** Whether a value of the data or their line is, or is part of, what it asks for. */
    default boolean asksFor(Quantity quantity) {
        return false;
    }

    /** Whether words about the pattern of the points (direction, form, strength, what stands apart) tell its answer. */
    default boolean isToldInWords() {
        return false;
    }

    /** Whether the answer can be read off a plot of the true data in which these aids are drawn. */
    default boolean isToldByPlot(Set<Aid> drawn) {
        return this instanceof Conceals it && it.isToldByPlotWith(drawn) || !ChangesTable.slips(this).isEmpty()
                || drawn.contains(Aid.EQUATION) && (asksFor(Quantity.SLOPE) || asksFor(Quantity.INTERCEPT));
    }

    /**
     * The task as a student's copy has it: without what tells its key and is not needed for what the student is told in working
     * on it.
     */
    default Task bare() {
        return with(terms().bare());
    }
}
