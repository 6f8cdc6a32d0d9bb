package hestra.desktop.write;

import java.util.List;
import java.util.stream.Stream;

/** Several short texts in one field, with commas between. */
final class CommaList {

    private CommaList() {}

    static List<String> read(String text) {
        return Stream.of(text.split(",")).map(String::strip).filter(it -> !it.isEmpty()).toList();
    }

    static String write(List<String> texts) {
        return String.join(", ", texts);
    }
}
