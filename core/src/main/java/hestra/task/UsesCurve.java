package hestra.task;

import java.util.Optional;
import java.util.Set;

import hestra.fit.Curve;

/** A task about a curve, or one that is done with what is read off one. */
public sealed interface UsesCurve
        permits ByEye, CheckConditions, ChooseCurve, Explain, Predict, ReachTarget, ReadValue, TryOut, WhatChanceDoes,
        WriteEquation, WriteSection, UsesCurve.None {

    /** The aids that it calls for: a value cannot be read that is held back. */
    default Set<Aid> needs() {
        return Set.of();
    }

    /** The curves that have to be on offer for it to be done. */
    default Set<Curve> curves() {
        return Set.of();
    }

    /** The curve whose equation the student writes; nothing where it asks for no equation. */
    default Optional<Curve> writes() {
        return Optional.empty();
    }

    /** The curve of which an equation that the student wrote counts here, right or wrong; nothing where none does. */
    default Optional<Curve> carriesOn() {
        return Optional.empty();
    }

    /** What a task is in this respect: of the other kinds, nothing. */
    static UsesCurve of(Task task) {
        return task instanceof UsesCurve it ? it : None.OF_THIS;
    }

    /** No curve is used. */
    enum None implements UsesCurve {
        OF_THIS
    }
}
