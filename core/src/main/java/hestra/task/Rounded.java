package hestra.task;

import hestra.numbers.Rounding;

/** A task with numbers in its answer, that are asked for as rounded. */
public sealed interface Rounded permits AsksNumbers, FillCalculation, TryOut, WhatChanceDoes {

    /** The rounding that is asked for. */
    Rounding rounding();

    /** The rounding that a task asks for; any where it asks for no numbers. */
    static Rounding of(Task task) {
        return task instanceof Rounded it ? it.rounding() : new Rounding.Free();
    }

    /** The rounding that a task asks for as it stands below its title: "3 decimal places"; empty where it asks for none. */
    static String shortly(Task task) {
        return of(task).inWords().replaceFirst("^to (a )?", "");
    }
}
