package hestra.documents.exercise;

import java.util.Locale;
import java.util.Optional;

import com.fasterxml.jackson.core.JsonProcessingException;
import hestra.exercise.Block;
import hestra.exercise.Part;
import hestra.numbers.DecimalMark;

/** A block or a part as text, to be copied from one exercise into another: one line of JSON. */
public sealed interface Clipping {

    /** The longest that is looked at. */
    int LONGEST = 24 * 1024 * 1024;

    /** What a clipping begins with. */
    String MARK = "{\"hestra\":";

    /** A block of a sheet. */
    record OfBlock(Block block) implements Clipping {}

    /** A part with its data and its sheet. */
    record OfPart(Part part) implements Clipping {}

    /** What stands on the line. */
    record Document(String hestra, DecimalMark mark, Optional<Block> block, Optional<Part> part) {}

    /** What it is called, for "Paste …". */
    default String inWords() {
        return switch (this) {
            case OfBlock(Block.Asked(var task)) -> "the task “" + task.terms().title() + "”";
            case OfBlock(Block block) -> "a " + block.inWords().toLowerCase(Locale.ROOT);
            case OfPart(Part part) -> part.heading().isBlank() ? "a part" : "the part “" + part.heading() + "”";
        };
    }

    /** As text; {@code mark} is the decimal mark of the exercise it comes from. */
    default String text(DecimalMark mark) {
        return Json.line(switch (this) {
            case OfBlock(Block block) -> new Document("clipping", mark, Optional.of(block), Optional.empty());
            case OfPart(Part part) -> new Document("clipping", mark, Optional.empty(), Optional.of(part));
        });
    }

    /** Reads what was copied; nothing where it is no clipping, or was not made by this version. */
    static Optional<Clipping> read(String text) {
        if (text == null || text.length() > LONGEST || !text.startsWith(MARK)) {
            return Optional.empty();
        }
        try {
            DecimalMark mark = Json.tree(text).path("mark").asText().equals("comma") ? DecimalMark.COMMA : DecimalMark.POINT;
            Document document = Json.read(text, Document.class, mark);
            return document.block().<Clipping>map(OfBlock::new).or(() -> document.part().map(OfPart::new));
        } catch (JsonProcessingException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
