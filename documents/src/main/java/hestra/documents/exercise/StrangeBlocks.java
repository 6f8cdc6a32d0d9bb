package hestra.documents.exercise;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hestra.exercise.Block;
import hestra.exercise.Exercise;
import hestra.task.Kinds;

/** Blocks of kinds that are not known here: they are kept as they stand in the file, and stand there again when it is saved. */
final class StrangeBlocks {

    private static final String KIND = "kind";
    private static final String TASK = "task";
    private static final Set<String> BLOCKS = Stream.of(Block.class.getPermittedSubclasses())
            .map(Names.all()::get).collect(Collectors.toSet());
    private static final Set<String> TASKS = Stream.concat(Kinds.ALL.stream().map(kind -> kind.code()),
            Stream.of("explain-slope")).collect(Collectors.toSet());

    private StrangeBlocks() {}

    /** The document of an exercise with what is not known in it wrapped up. */
    static JsonNode wrapped(JsonNode document) {
        JsonNode copy = document.deepCopy();
        parts(copy.path("parts"), true);
        copy.path("issue").path("editions").forEach(edition -> parts(edition.path("parts"), true));
        return copy;
    }

    /** The text of a document with what was wrapped up as it stood. */
    static String unwrapped(Exercise exercise, String json) {
        boolean any = Stream.concat(exercise.parts().stream(), exercise.issue().editions().stream()
                .flatMap(edition -> edition.parts().stream())).flatMap(part -> part.blocks().stream())
                .anyMatch(Block.Strange.class::isInstance);
        if (!any) {
            return json;
        }
        try {
            JsonNode tree = Json.tree(json);
            parts(tree.path("parts"), false);
            tree.path("issue").path("editions").forEach(edition -> parts(edition.path("parts"), false));
            return Json.pretty(tree);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what was written cannot be read", e);
        }
    }

    private static void parts(JsonNode parts, boolean wrap) {
        for (JsonNode part : parts) {
            if (part.path("blocks") instanceof ArrayNode blocks) {
                for (int i = 0; i < blocks.size(); i++) {
                    blocks.set(i, wrap ? wrap(blocks.get(i)) : unwrap(blocks.get(i)));
                }
            }
        }
    }

    private static JsonNode wrap(JsonNode block) {
        String kind = block.path(KIND).asText();
        boolean asked = kind.equals(Names.all().get(Block.Asked.class));
        String called = asked ? block.path(TASK).path(KIND).asText() : kind;
        String id = (asked ? block.path(TASK).path("terms").path("id") : block.path("id")).asText();
        boolean known = asked ? TASKS.contains(called) : BLOCKS.contains(kind);
        return known || id.isBlank() || called.isBlank() ? block
                : JsonNodeFactory.instance.objectNode().put(KIND, Names.all().get(Block.Strange.class)).put("id", id)
                .put("called", called).put("json", block.toString());
    }

    private static JsonNode unwrap(JsonNode block) {
        if (block instanceof ObjectNode && Names.all().get(Block.Strange.class).equals(block.path(KIND).asText())) {
            try {
                return Json.tree(block.path("json").asText());
            } catch (JsonProcessingException e) {
                return block;
            }
        }
        return block;
    }
}
