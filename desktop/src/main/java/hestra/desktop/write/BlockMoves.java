package hestra.desktop.write;

import java.util.Optional;

import hestra.desk.ExerciseEdit;
import hestra.exercise.Exercise;
import hestra.exercise.Part;

/** Where a block can be moved: up and down its own sheet, and over its ends into the parts before and after. */
record BlockMoves(Optional<ExerciseEdit> up, Optional<ExerciseEdit> down) {

    static BlockMoves of(Exercise exercise, Part part, String block) {
        int index = part.indexOf(block);
        int place = exercise.indexOf(part);
        Optional<ExerciseEdit> up = index > 0 ? Optional.of(new ExerciseEdit.MoveBlock(block, part.id(), index - 1))
                : place > 0
                ? Optional.of(new ExerciseEdit.MoveBlock(block, exercise.parts().get(place - 1).id(), Integer.MAX_VALUE))
                : Optional.empty();
        Optional<ExerciseEdit> down = index < part.blocks().size() - 1
                ? Optional.of(new ExerciseEdit.MoveBlock(block, part.id(), index + 1))
                : place < exercise.parts().size() - 1
                ? Optional.of(new ExerciseEdit.MoveBlock(block, exercise.parts().get(place + 1).id(), 0)) : Optional.empty();
        return new BlockMoves(up, down);
    }
}
