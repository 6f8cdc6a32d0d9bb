package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** A task that is answered by choices, perhaps with a text: what such tasks have in common. */
public sealed interface ByChoice extends Task, AnsweredByText permits Question, ChooseCurve, CheckConditions {

    /** The choices that are to be made. */
    List<ChoiceRow> rows(Truth truth);

    /** What the field for a text asks for; nothing where there is none. */
    default Optional<String> textPrompt() {
        return Optional.empty();
    }

    /** Whether it must have a text. */
    default boolean needsText() {
        return false;
    }

    @Override
    default Answer standing(Bench bench) {
        return bench.draft(this, Chosen.NOTHING);
    }

    @Override
    default boolean takes(Answer answer) {
        return answer instanceof Chosen;
    }

    @Override
    default Optional<String> unfinished(Answer answer, Truth truth) {
        Chosen chosen = answer.as(Chosen.class);
        List<ChoiceRow> rows = rows(truth);
        for (int i = 0; i < rows.size(); i++) {
            if (chosen.at(i).isEmpty()) {
                return Optional.of(rows.size() == 1
                        ? "Choose first." : "Choose for \u201c" + rows.get(i).name() + "\u201d first.");
            }
            int last = rows.get(i).options().size() - 1;
            if (chosen.at(i).stream().anyMatch(it -> it < 0 || it > last)) {
                return Optional.of("This is none of the choices.");
            }
        }
        return needsText() && chosen.text().isBlank() ? Optional.of("Write something first.") : Optional.empty();
    }

    /** Choices by their text or letter: several of one row with commas between, the rows with semicolons or new lines between. */
    @Override
    default Optional<Answer> typed(String text, Truth truth) {
        List<ChoiceRow> rows = rows(truth);
        if (rows.isEmpty()) {
            return Optional.of(new Chosen(List.of(), text));
        }
        String[] pieces = rows.size() == 1 && textPrompt().isEmpty()
                ? new String[] {text} : text.strip().split("\\s*[;\\n]\\s*", rows.size() + 1);
        List<Set<Integer>> picks = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Optional<Set<Integer>> picked = i < pieces.length ? picked(rows.get(i), pieces[i]) : Optional.of(Set.of());
            if (picked.isEmpty()) {
                return Optional.empty();
            }
            picks.add(picked.get());
        }
        return Optional.of(new Chosen(picks, pieces.length > rows.size() ? pieces[rows.size()] : ""));
    }

    private static Optional<Set<Integer>> picked(ChoiceRow row, String text) {
        Optional<Integer> whole = ChoiceText.place(row.options(), it -> it, text);
        if (whole.isPresent()) {
            return whole.map(Set::of);
        }
        Set<Integer> all = new TreeSet<>(row.several() ? ChoiceText.places(row.options(), text) : Set.of());
        if (row.several() && all.isEmpty()) {
            for (String one : text.split("\\s*(?:,|\\band\\b)\\s*")) {
                Optional<Integer> place = ChoiceText.place(row.options(), it -> it, one);
                if (place.isEmpty()) {
                    return Optional.empty();
                }
                all.add(place.get());
            }
        }
        return all.isEmpty() ? Optional.empty() : Optional.of(all);
    }

    @Override
    default String expected(Truth truth) {
        List<ChoiceRow> rows = rows(truth);
        String first = rows.isEmpty()
                ? ""
                : " Choose " + ChoiceText.listed(rows.getFirst().options(), it -> it)
                + (rows.getFirst().several() ? "; several with commas between" : "") + ".";
        return "This is none of the choices." + first
                + (rows.size() > 1 ? " Put semicolons between the " + rows.size() + " choices." : "");
    }

    @Override
    default List<String> inWords(Answer answer, Truth truth) {
        Chosen chosen = answer.as(Chosen.class);
        List<ChoiceRow> rows = rows(truth);
        List<String> lines = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            List<String> options = rows.get(i).options();
            String picked = String.join(", ", chosen.at(i).stream()
                    .filter(it -> it >= 0 && it < options.size()).map(options::get).toList());
            lines.add((rows.size() == 1 ? "" : rows.get(i).name() + ": ") + (picked.isEmpty() ? "\u2013" : picked));
        }
        if (!chosen.text().isBlank()) {
            lines.add(chosen.text());
        }
        return lines.isEmpty() ? List.of("\u2013") : lines;
    }

    @Override
    default List<OnPaper> onPaper(Truth truth) {
        List<OnPaper> all = new ArrayList<>();
        List<ChoiceRow> rows = rows(truth);
        List<Set<Integer>> right = rightPlaces(truth);
        for (int i = 0; i < rows.size(); i++) {
            all.add(new OnPaper.Choices(rows.get(i), i < right.size() ? right.get(i) : Set.of()));
        }
        textPrompt().ifPresent(_ -> all.add(new OnPaper.Lines(rows.isEmpty() ? linesOfText() : 2, rows.isEmpty()
                ? rightAnswer(truth) : "")));
        return all;
    }

    /** For each row the places of the choices that are right. */
    List<Set<Integer>> rightPlaces(Truth truth);

    /** How many lines a text takes that is the whole answer. */
    default int linesOfText() {
        return 1;
    }
}
