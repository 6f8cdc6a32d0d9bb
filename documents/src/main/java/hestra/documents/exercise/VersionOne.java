package hestra.documents.exercise;

import java.util.regex.Pattern;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hestra.exercise.Exercise;

/**
 * Files of version 1, brought into the form of version 2. An exercise had one table and one text with the tasks below it: it
 * becomes an exercise of one part, whose sheet is that text and then the tasks.
 */
final class VersionOne {

    private static final String TEXT = "text-1";
    private static final Pattern OWN_EDIT = Pattern.compile("\\{\"kind\":\"(?:(?:add|change|move|remove)-task|write-prose)\"");
    private static final JsonNodeFactory MAKE = JsonNodeFactory.instance;

    private VersionOne() {}

    /** Whether a document or journal says that it is of version 1. */
    static boolean is(JsonNode tree, String property) {
        return tree.path(property).asInt() == 1;
    }

    /** {@code exercise.json}. */
    static JsonNode exercise(JsonNode old) {
        if (!(old.deepCopy() instanceof ObjectNode exercise)) {
            return old;
        }
        ObjectNode part = MAKE.objectNode().put("id", Exercise.FIRST_PART).put("heading", "");
        for (String moved : new String[] {"variables", "roles", "held", "provenance", "rules"}) {
            if (exercise.has(moved)) {
                part.set(moved, exercise.remove(moved));
            }
        }
        ArrayNode blocks = part.putArray("blocks");
        JsonNode prose = exercise.remove("prose");
        blocks.addObject().put("kind", "text").put("id", TEXT).set("text", prose == null ? MAKE.textNode("") : prose);
        JsonNode tasks = exercise.remove("tasks");
        if (tasks != null) {
            tasks.forEach(task -> blocks.addObject().put("kind", "task").set("task", task));
        }
        exercise.putArray("parts").add(part);
        return exercise.put("version", ExerciseFile.VERSION);
    }

    /** {@code work.json} of a hand-in. */
    static JsonNode work(JsonNode old) {
        if (!(old.deepCopy() instanceof ObjectNode work)) {
            return old;
        }
        JsonNode setAside = work.remove("setAside");
        work.putObject("setAside").set(Exercise.FIRST_PART, setAside == null ? MAKE.nullNode() : setAside);
        return work.put("version", HandInFile.VERSION);
    }

    /** The first line of a journal. */
    static JsonNode header(JsonNode old) {
        if (!(old.deepCopy() instanceof ObjectNode header)) {
            return old;
        }
        header.set("exercise", exercise(header.path("exercise")));
        JsonNode rows = header.remove("rows");
        header.putArray("rows").add(rows == null ? MAKE.nullNode() : rows);
        return header.put("journal", JournalFile.VERSION);
    }

    /** Whether a line of a journal is an edit that version 2 knows under another name. */
    static boolean isOwnEdit(String line) {
        return OWN_EDIT.matcher(line).lookingAt();
    }

    /** Such an edit. */
    static JsonNode edit(JsonNode old) {
        return switch (old.path("kind").asText()) {
            case "add-task" -> MAKE.objectNode().put("kind", "add-block").put("part", Exercise.FIRST_PART)
                    .put("index", old.path("index").asInt() + 1)
                    .set("block", task(old.path("task")));
            case "change-task" ->
                    MAKE.objectNode().put("kind", "change-block").<ObjectNode>set("block", task(old.path("task")))
                    .set("run", old.path("run"));
            case "move-task" ->
                    MAKE.objectNode().put("kind", "move-block").put("block", old.path("task").asText())
                    .put("part", Exercise.FIRST_PART)
                    .put("index", old.path("index").asInt() + 1);
            case "remove-task" -> MAKE.objectNode().put("kind", "remove-block").put("block", old.path("task").asText());
            case "write-prose" -> MAKE.objectNode().put("kind", "change-block").put("run", TEXT)
                    .set("block", MAKE.objectNode().put("kind", "text").put("id", TEXT).set("text", old.path("prose")));
            default -> old;
        };
    }

    private static ObjectNode task(JsonNode task) {
        return MAKE.objectNode().put("kind", "task").set("task", task);
    }
}
