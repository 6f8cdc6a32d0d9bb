package hestra.task;

/** A task whose key is proposed by the data until its author sets another. */
public sealed interface KeepsInStep permits CheckConditions, Describe, FindSlip, Predict, TryOut {

    /** The task once something else in the part has changed: a key that was the proposed one is so again. */
    Task inStep(Truth before, Truth now);
}
