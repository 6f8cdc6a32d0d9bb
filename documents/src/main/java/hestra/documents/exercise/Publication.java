package hestra.documents.exercise;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

import hestra.documents.file.FileWriting;
import hestra.documents.file.Progress;
import hestra.documents.table.DataExport;
import hestra.documents.table.DelimitedText;
import hestra.exercise.ClassList;
import hestra.exercise.Edition;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.numbers.Remembered;
import hestra.task.Seal;
import hestra.task.Sealing;
import hestra.task.Task;
import hestra.variants.Copies;
import hestra.variants.Variant;
import hestra.variants.Variants;

/**
 * Copies of an exercise in a folder: one for all, one for each number, or one for each name, and the empty columns of a
 * gradebook.
 *
 * @param edition the edition that was given out
 * @param files the copies, in their order
 * @param missed the wishes that could not be met
 * @param alike whether all have the same data
 */
public record Publication(Edition edition, List<Path> files, List<Variant.Missed> missed, boolean alike) {

    /** The name of the file with the gradebook's empty columns. */
    public static final String GRADEBOOK = "gradebook.csv";
    /** The folder for what students do not get, beside their copies. */
    public static final String OF_INSTRUCTOR = "for the instructor";

    private static final int MOST_SEALS = 2_000;
    private static final SecureRandom CHANCE = new SecureRandom();
    /** A name of a file may have 255 bytes: two such parts, what stands between them, a number and an ending fit. */
    private static final int MOST_OF_NAME = 100;

    /** For whom the copies are. */
    public sealed interface Readers {

        /** One copy, the same for everybody. */
        record All() implements Readers {}

        /** Numbered copies, from 1. */
        record Count(int count) implements Readers {}

        /** A copy for each name; the first has variant 1. */
        record Named(ClassList list) implements Readers {}

        /** The names of the copies, in their order; empty ones where nobody is named. */
        default List<String> namesOfCopies() {
            return switch (this) {
                case All _ -> List.of("");
                case Count(int count) -> Stream.generate(() -> "").limit(count).toList();
                case Named(ClassList list) -> list.names();
            };
        }

        /** How many variants they have. */
        default int variants() {
            return switch (this) {
                case All _ -> 0;
                case Count(int count) -> count;
                case Named(ClassList list) -> list.entries().size();
            };
        }
    }

    public Publication {
        files = List.copyOf(files);
        missed = List.copyOf(missed);
    }

    /** How many of which edition: "3 copies of edition 2, all with the same data,". */
    public String inWords() {
        return Counted.of(files.size(), "copy", "copies") + " of edition " + edition.number()
                + (alike && files.size() > 1 ? ", all with the same data," : "");
    }

    /**
     * Writes the copies.
     *
     * @param folder is made where it is not there
     * @throws Progress.Stopped where that is wanted; what was written by then stays
     */
    public static Publication write(Exercise exercise, Readers readers, Path folder, Progress progress) throws IOException {
        Files.createDirectories(folder);
        Edition edition = Copies.edition(exercise, readers.variants());
        List<String> names = readers.namesOfCopies();
        Set<String> taken = new HashSet<>();
        List<Path> files = new ArrayList<>();
        // One salt for a task in all copies of a publication, so that equal keys are worked out once.
        Map<String, byte[]> salts = new HashMap<>();
        Remembered<Sealing, Seal> seals = new Remembered<>(MOST_SEALS);
        Function<Sealing, Seal> sealer = key -> seals.get(key,
                it -> Seal.of(it, salts.computeIfAbsent(it.blank().id(), _ -> salt())));
        List<Variant.Missed> missed = new ArrayList<>();
        boolean alike = Variants.areAlike(exercise);
        Variant same = alike ? Variants.draw(exercise, 0) : null;
        int count = Math.max(1, readers.variants());
        for (int i = 0; i < count; i++) {
            int number = readers.variants() == 0 ? 0 : i + 1;
            Variant variant = alike ? new Variant(number, same.exercise(), List.of()) : Variants.draw(exercise, number);
            missed.addAll(variant.missed());
            Exercise copy = Copies.of(variant, edition.number(), names.get(i), sealer);
            Path file = folder.resolve(fileName(exercise.title(), names.get(i), number, String.valueOf(count).length(), taken));
            ExerciseFile.write(copy, file);
            files.add(file);
            progress.tell((i + 1.0) / count);
        }
        if (readers instanceof Readers.Named(ClassList list)) {
            FileWriting.write(Files.createDirectories(folder.resolve(OF_INSTRUCTOR)).resolve(GRADEBOOK),
                    gradebook(exercise, list));
            return new Publication(edition.with(list), files, missed, alike);
        }
        return new Publication(edition, files, missed, alike);
    }

    private static byte[] salt() {
        byte[] salt = new byte[Seal.SALT_BYTES];
        CHANCE.nextBytes(salt);
        return salt;
    }

    /** A line a name with what the list says of it and its variant; a column a task, still empty. */
    static String gradebook(Exercise exercise, ClassList list) {
        List<List<String>> records = new ArrayList<>();
        records.add(Stream.of(Stream.of("name"), list.headings().stream(), Stream.of("variant"), exercise.tasks().stream()
                .map(Task::terms).map(it -> it.title()), Stream.of("total")).flatMap(it -> it).toList());
        for (ClassList.Entry entry : list.entries()) {
            records.add(Stream.of(Stream.of(entry.name()), entry.further().stream(), Stream.of(Integer.toString(entry.variant())),
                    exercise.tasks().stream().map(_ -> ""), Stream.of("")).flatMap(it -> it).toList());
        }
        return DelimitedText.text(records.stream().map(line -> line.stream().map(DataExport::harmless).toList()));
    }

    /** "Kelp blades, Ida Fenn.hestra" or "Kelp blades, variant 07.hestra", safe on any system and not taken yet. */
    static String fileName(String title, String name, int number, int digits, Set<String> taken) {
        String which = !name.isBlank() ? ", " + safe(name, "student")
                : number == 0 ? ""
                : ", variant " + String.format(Locale.ROOT, "%0" + digits + "d", number);
        String base = safe(title, "Exercise") + which;
        String file = base + ExerciseFile.ENDING;
        for (int i = 2; !taken.add(file.toLowerCase(Locale.ROOT)); i++) {
            file = base + " (" + i + ")" + ExerciseFile.ENDING;
        }
        return file;
    }

    /** So much of a text, by whole letters, as has no more than {@value #MOST_OF_NAME} bytes in UTF-8. */
    private static String inBytes(String text) {
        int bytes = 0;
        int end = 0;
        while (end < text.length()) {
            int letter = text.codePointAt(end);
            bytes += Character.toString(letter).getBytes(StandardCharsets.UTF_8).length;
            if (bytes > MOST_OF_NAME) {
                return text.substring(0, end).strip();
            }
            end += Character.charCount(letter);
        }
        return text;
    }

    /**
     * A text as a part of a file's name: its letters, digits and a few marks; "_" for anything else, and {@code empty} where
     * nothing of it is left.
     */
    public static String safe(String text, String empty) {
        String safe = Normalizer.normalize(text, Normalizer.Form.NFC).replaceAll("[^\\p{L}\\p{M}\\p{N} ,.()'_-]+", "_")
                .strip().replaceAll("[. ]+$", "");
        String cut = inBytes(safe);
        return cut.codePoints().noneMatch(Character::isLetterOrDigit) ? empty : cut;
    }
}
