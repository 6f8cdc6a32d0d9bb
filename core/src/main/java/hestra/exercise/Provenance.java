package hestra.exercise;

import hestra.recipe.Recipe;
import hestra.tracing.Picture;
import hestra.tracing.Tracing;

/** How the exercise's data came about: kept with them, so that more of the same kind can be drawn. */
public sealed interface Provenance {

    /** Measured or made up elsewhere, and typed, pasted or opened. */
    record ByHand() implements Provenance {}

    /** Made by a recipe, and perhaps changed afterwards. */
    record Made(Recipe recipe) implements Provenance {}

    /** Read off a picture, which is kept, and perhaps changed afterwards. */
    record Traced(Picture picture, Tracing tracing) implements Provenance {}
}
