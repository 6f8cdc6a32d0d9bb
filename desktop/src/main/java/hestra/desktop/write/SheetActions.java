package hestra.desktop.write;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.Clipboard;

import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desktop.model.DeskModel;
import hestra.desktop.parts.Clip;
import hestra.documents.exercise.Clipping;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;

/**
 * What can be done with the blocks and parts of the sheets that are written: put in, doubled, copied, pasted, moved, taken out.
 */
final class SheetActions {

    private final DeskModel model;
    private final Consumer<String> added;

    /** The actions of a sheet; {@code added} is told of each block or part that was put in. */
    SheetActions(DeskModel model, Consumer<String> added) {
        this.model = model;
        this.added = added;
    }

    Exercise exercise() {
        return model.desk().exercise();
    }

    /** Puts a block in and turns to it. */
    void add(Spot spot, Block block) {
        model.apply(new ExerciseEdit.AddBlock(spot.part(), spot.index(), block));
        model.apply(new Edit.TurnTo(Optional.of(block.id())));
        added.accept(block.id());
    }

    /** Puts a part in behind the others and goes to it. */
    void addPart(Part part) {
        model.apply(new ExerciseEdit.AddPart(exercise().parts().size(), part));
        model.apply(new Edit.GoTo(part.id()));
        added.accept(part.id());
    }

    /** Puts the same block in below it. */
    void duplicate(String blockId) {
        exercise().block(blockId).ifPresent(block -> after(blockId).ifPresent(spot -> add(spot, exercise().fresh(block))));
    }

    /** Puts the same part in behind the others. */
    void duplicatePart(String partId) {
        exercise().part(partId).ifPresent(part -> addPart(exercise().fresh(part)));
    }

    void copy(String blockId) {
        exercise().block(blockId).ifPresent(block -> put(new Clipping.OfBlock(block)));
    }

    void copyPart(String partId) {
        exercise().part(partId).ifPresent(part -> put(new Clipping.OfPart(part)));
    }

    private void put(Clipping clipping) {
        Clip.put(clipping.text(exercise().mark()));
    }

    /** What was copied, where it is a block or a part. */
    Optional<Clipping> copied() {
        return Clipping.read(Clipboard.getSystemClipboard().getString());
    }

    /** Puts in what was copied: a block at a place, a part behind the others. */
    void paste(Clipping clipping, Spot spot) {
        switch (clipping) {
            case Clipping.OfBlock(Block block) -> add(spot, exercise().fresh(block));
            case Clipping.OfPart(Part part) -> addPart(exercise().fresh(part));
        }
    }

    void remove(String blockId) {
        model.apply(new ExerciseEdit.RemoveBlock(blockId));
    }

    /** The place below a block. */
    Optional<Spot> after(String blockId) {
        return exercise().partOf(blockId).map(part -> new Spot(part.id(), part.indexOf(blockId) + 1));
    }

    /** Moves a block to a place; nothing where it stands there already. */
    void move(String blockId, Spot spot) {
        exercise().partOf(blockId).ifPresent(part -> {
            boolean within = part.id().equals(spot.part());
            int at = part.indexOf(blockId);
            int index = within && at < spot.index() ? spot.index() - 1 : spot.index();
            if (!within || index != at) {
                model.apply(new ExerciseEdit.MoveBlock(blockId, spot.part(), index));
            }
        });
    }
}
