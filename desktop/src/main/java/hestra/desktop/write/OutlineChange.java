package hestra.desktop.write;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.data.DataTable;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.task.Task;

/** What of the sheet that is written is otherwise after an edit, so that no more of it is made anew. */
final class OutlineChange {

    private OutlineChange() {}

    /** Whether nothing is otherwise but what is typed on the sheet itself. */
    static boolean isOfWords(Exercise before, Exercise now) {
        return before == now || wordless(before).equals(wordless(now));
    }

    /**
     * The ids of the blocks that are others now, where all else stands as it did; nothing where the sheet has another order, or
     * something has changed of which any row may tell.
     */
    static Optional<Set<String>> ofBlocks(Exercise before, Exercise now) {
        List<Block> old = before.parts().stream().flatMap(part -> part.blocks().stream()).toList();
        List<Block> fresh = now.parts().stream().flatMap(part -> part.blocks().stream()).toList();
        boolean same = blockless(before).equals(blockless(now)) && ids(before).equals(ids(now))
                && IntStream.range(0, now.parts().size()).allMatch(i -> printed(before, i).equals(printed(now, i)));
        return !same ? Optional.empty() : Optional.of(IntStream.range(0, fresh.size())
                .filter(i -> !wordless(fresh.get(i)).equals(wordless(old.get(i))))
                .mapToObj(i -> fresh.get(i).id()).collect(Collectors.toSet()));
    }

    /** The exercise without what is typed on the sheet. */
    private static Exercise wordless(Exercise exercise) {
        return exercise.withTexts("", "", "").withParts(exercise.parts().stream()
                .map(part -> part.withHeading("").withBlocks(part.blocks().stream()
                .map(OutlineChange::wordless).toList())).toList());
    }

    private static Block wordless(Block block) {
        return switch (block) {
            case Block.Prose(String id, String _) -> new Block.Prose(id, "");
            case Block.Asked(Task task) -> new Block.Asked(task.with(task.terms().withTitle("").withPrompt("")));
            case Block.Illustration _, Block.Plot _, Block.Printed _, Block.Formula _, Block.Strange _ -> block;
        };
    }

    private static Exercise blockless(Exercise exercise) {
        return exercise.withTexts("", "", "").withParts(exercise.parts().stream()
                .map(part -> part.withHeading("").withBlocks(List.of())).toList());
    }

    /** The blocks of each part by their ids. */
    private static List<List<String>> ids(Exercise exercise) {
        return exercise.parts().stream().map(part -> part.blocks().stream().map(Block::id).toList()).toList();
    }

    /** The data as a part prints them: a task may put a slip in, and then other rows tell of other data. */
    private static DataTable printed(Exercise exercise, int part) {
        Part at = exercise.parts().get(part);
        return at.truth(exercise.mark()).printed();
    }
}
