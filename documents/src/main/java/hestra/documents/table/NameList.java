package hestra.documents.table;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import hestra.documents.file.Result;
import hestra.exercise.ClassList;
import hestra.exercise.Copy;
import hestra.numbers.Counted;

/**
 * A list of names: pasted, or from a file of text or a workbook. A column that is headed "name" or "student" is taken, first and
 * last names are put together, and else the first column that holds words; the other columns are kept as they are.
 *
 * @param list the names in their order, each as it will be shown, with what else is said of them
 * @param notes what was left out or changed, as short sentences
 */
public record NameList(ClassList list, List<String> notes) {

    /** The most letters of a name. */
    public static final int MOST_LETTERS = 100;
    private static final int MOST_FURTHER = 20;

    private static final Set<String> WHOLE = Set.of("name", "names", "student", "students", "full name", "student name",
            "participant");
    private static final Set<String> FIRST = Set.of("first name", "firstname", "given name", "forename");
    private static final Set<String> LAST = Set.of("last name", "lastname", "surname", "family name");

    public NameList {
        notes = List.copyOf(notes);
    }

    /** Reads the first table of a file. */
    public static Result<NameList> read(Path file) {
        return DataFile.read(file).then(parts -> of(parts.getFirst().text()));
    }

    /** Reads a text: a name a line, or lines of cells. */
    public static Result<NameList> of(String text) {
        List<List<String>> lines = TextLines.split(text.startsWith("\ufeff") ? text.substring(1) : text, separator(text));
        Found found = taken(lines);
        List<ClassList.Entry> entries = new ArrayList<>();
        int blanks = 0;
        int cut = 0;
        for (Line line : found.lines) {
            String name = plain(line.name);
            if (name.isEmpty()) {
                blanks++;
                continue;
            }
            cut += name.codePointCount(0, name.length()) > MOST_LETTERS ? 1 : 0;
            if (entries.size() < Copy.MOST_VARIANTS) {
                entries.add(new ClassList.Entry(shortened(name), entries.size() + 1, line.further.stream().map(NameList::plain)
                        .map(NameList::shortened).toList()));
            } else {
                return Result.refused("There are %d names; up to %d can be taken.".formatted(found.lines.stream()
                        .filter(it -> !plain(it.name).isEmpty()).count(), Copy.MOST_VARIANTS));
            }
        }
        if (entries.isEmpty()) {
            return Result.refused("There are no names in it. Put one name on each line.");
        }
        ClassList list = new ClassList(found.headings, entries);
        return Result.done(new NameList(list, notes(list.names(), blanks, cut)));
    }

    /** The names as they will be shown. */
    public List<String> names() {
        return list.names();
    }

    /** The list as a text that reads as the same list: a name a line, or lines of cells below their headings. */
    public String text() {
        Stream<String> head = list.headings().isEmpty() ? Stream.of() : Stream.of("name\t" + String.join("\t", list.headings()));
        return Stream.concat(head, list.entries().stream()
                .map(it -> it.name() + it.further().stream().map(cell -> "\t" + cell).collect(Collectors.joining())))
                .collect(Collectors.joining("\n"));
    }

    /** A line of a list: a name as it is written, and what else is said. */
    private record Line(String name, List<String> further) {}

    /** What was found, with what the further columns are called. */
    private record Found(List<String> headings, List<Line> lines) {}

    private static List<String> notes(List<String> names, int blanks, int cut) {
        List<String> notes = new ArrayList<>();
        if (blanks > 0) {
            notes.add(Counted.of(blanks, "line") + " without a name left out.");
        }
        if (cut > 0) {
            notes.add(Counted.of(cut, "name") + " cut to " + MOST_LETTERS + " letters.");
        }
        Map<String, Integer> counts = new HashMap<>();
        names.forEach(name -> counts.merge(name.toLowerCase(Locale.ROOT), 1, Integer::sum));
        List<String> twice = names.stream().distinct().filter(name -> counts.get(name.toLowerCase(Locale.ROOT)) > 1).toList();
        if (!twice.isEmpty()) {
            notes.add("More than once in the list: " + String.join(", ", twice.stream().limit(5).toList())
                    + (twice.size() > 5 ? " and others" : "") + ". Each gets a copy of their own.");
        }
        return notes;
    }

    private static Separator separator(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        return Stream.of(Separator.TAB, Separator.SEMICOLON).filter(it -> first.indexOf(it.sign()) >= 0).findFirst()
                .orElseGet(() -> text.lines().filter(line -> !line.isBlank()).allMatch(line -> line.indexOf(',') >= 0)
                ? Separator.COMMA : Separator.NONE);
    }

    private static Found taken(List<List<String>> lines) {
        List<List<String>> filled = lines.stream().dropWhile(TextLines::isBlank).toList();
        if (filled.isEmpty()) {
            return new Found(List.of(), List.of());
        }
        List<String> head = filled.getFirst().stream().map(it -> it.toLowerCase(Locale.ROOT).replace('_', ' ').strip()).toList();
        List<List<String>> rest = filled.subList(1, filled.size()).reversed().stream()
                .dropWhile(TextLines::isBlank).toList().reversed();
        OptionalInt whole = column(head, WHOLE);
        OptionalInt first = column(head, FIRST);
        OptionalInt last = column(head, LAST);
        if (first.isPresent() && last.isPresent()) {
            return found(filled.getFirst(), rest, List.of(first.getAsInt(), last.getAsInt()), " ");
        }
        if (whole.isPresent()) {
            return found(filled.getFirst(), rest, List.of(whole.getAsInt()), "");
        }
        List<List<String>> all = filled.reversed().stream().dropWhile(TextLines::isBlank).toList().reversed();
        int width = all.stream().mapToInt(List::size).max().orElse(1);
        List<Integer> worded = IntStream.range(0, width)
                .filter(column -> 2 * all.stream().filter(line -> isWord(cell(line, column))).count() > all.size()).boxed()
                .toList();
        // "Fenn, Ida": two columns of words and nothing else are one name.
        if (width == 2 && worded.size() == 2) {
            return found(List.of(), all, List.of(0, 1), ", ");
        }
        int taken = Optional.of(worded).filter(it -> !it.isEmpty()).map(List::getFirst).orElse(0);
        return found(List.of(), all, List.of(taken), "");
    }

    /**
     * The lines with the name put together from some columns, and the others as further ones: those in which something stands.
     */
    private static Found found(List<String> head, List<List<String>> lines, List<Integer> named, String between) {
        int width = Math.max(head.size(), lines.stream().mapToInt(List::size).max().orElse(0));
        List<Integer> others = IntStream.range(0, width)
                .filter(column -> !named.contains(column) && lines.stream().anyMatch(line -> !cell(line, column).isBlank()))
                .limit(MOST_FURTHER).boxed().toList();
        List<String> headings = new ArrayList<>();
        for (int column : others) {
            String heading = plain(cell(head, column));
            String called = heading.isEmpty() ? "column " + (column + 1) : shortened(heading);
            headings.add(headings.contains(called) ? called + " (" + (column + 1) + ")" : called);
        }
        return new Found(headings, lines.stream()
                .map(line -> new Line(named.stream().map(column -> cell(line, column)).filter(it -> !it.isBlank())
                        .collect(Collectors.joining(between)),
                others.stream().map(column -> cell(line, column)).toList())).toList());
    }

    private static OptionalInt column(List<String> head, Set<String> called) {
        return IntStream.range(0, head.size()).filter(i -> called.contains(head.get(i))).findFirst();
    }

    private static String cell(List<String> line, int column) {
        return column < line.size() ? line.get(column) : "";
    }

    private static boolean isWord(String cell) {
        return cell.codePoints().anyMatch(Character::isLetter);
    }

    /** Without signs that are not seen, among them those that turn the direction of writing, and with single spaces. */
    private static String plain(String name) {
        return name.replaceAll("[\\p{Cc}\\p{Cf}\\p{Co}\\p{Cn}&&[^\\u200d]]", " ").replaceAll("[\\s\\u00a0]+", " ").strip();
    }

    private static String shortened(String name) {
        return name.codePointCount(0, name.length()) <= MOST_LETTERS
                ? name : name.substring(0, name.offsetByCodePoints(0, MOST_LETTERS)).strip();
    }
}
