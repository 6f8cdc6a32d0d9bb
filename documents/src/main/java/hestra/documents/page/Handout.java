package hestra.documents.page;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.documents.file.FileWriting;
import hestra.documents.file.Progress;
import hestra.exercise.Exercise;
import hestra.numbers.Counted;
import hestra.variants.Variant;
import hestra.variants.Variants;

/**
 * An exercise on paper, as one PDF: the sheet of each variant with room for the answers, or its key. Each variant begins on a
 * page of its own.
 */
public final class Handout {

    /** So many variants are laid out in one go: between one go and the next the work can be stopped. */
    private static final int AT_ONCE = 6;
    private static final int LONGEST_FOOT = 60;

    private final Exercise exercise;
    private final Paper paper;
    private final boolean key;

    private Handout(Exercise exercise, Paper paper, boolean key) {
        this.exercise = exercise;
        this.paper = paper;
        this.key = key;
    }

    /**
     * The variants that are to be printed.
     *
     * @param numbers 0 for the exercise as it stands
     * @throws Progress.Stopped where that is wanted: between one and the next
     */
    public static List<Variant> drawn(Exercise exercise, List<Integer> numbers, Progress progress) {
        return numbers.stream().map(number -> {
            progress.tell(0);
            return Variants.draw(exercise, number);
        }).toList();
    }

    /**
     * Writes the handout.
     *
     * @param variants at least one
     * @param names for whom each variant is, in their order; empty where nobody is named
     * @throws Progress.Stopped where that is wanted; then nothing is written
     */
    public static void write(Exercise exercise, List<Variant> variants, List<String> names, Paper paper, Path file,
            Progress progress) throws IOException {
        Handout handout = new Handout(exercise, paper, false);
        FileWriting.write(file, out -> handout.pages(variants, names, progress, out));
    }

    /** Writes the key to it, with the keys of all variants at its end. */
    public static void writeKey(Exercise exercise, List<Variant> variants, Paper paper, Path file, Progress progress)
            throws IOException {
        Handout handout = new Handout(exercise, paper, true);
        FileWriting.write(file, out -> handout.pages(variants, List.of(), progress, out));
    }

    /** One variant, or its key, as what the ending of the file says: a PDF, a web page or an OpenDocument text. */
    public static void write(Exercise exercise, Variant variant, boolean key, Paper paper, Path file) throws IOException {
        PageFile.write(new Handout(exercise, paper, key).sheet(variant, "").page(), paper, file);
    }

    /** Its pages as pictures (PNG), as it stands, to be looked at while it is written. */
    public static List<byte[]> pictures(Exercise exercise, boolean key, Paper paper) {
        try {
            return PagePictures.of(new Handout(exercise, paper, key).document(List.of(Variants.draw(exercise, 0)), List.of(),
                    List.of()));
        } catch (IOException e) {
            throw new UncheckedIOException("nothing is read or written here", e);
        }
    }

    private void pages(List<Variant> variants, List<String> names, Progress progress, OutputStream out) throws IOException {
        PdfStack stack = new PdfStack(false);
        for (int from = 0; from < variants.size(); from += AT_ONCE) {
            int to = Math.min(variants.size(), from + AT_ONCE);
            stack.add(document(variants.subList(from, to),
                    names.subList(Math.min(from, names.size()), Math.min(to, names.size())),
                    key && to == variants.size() && variants.size() > 1 ? variants : List.of()));
            progress.tell((double) to / variants.size());
        }
        stack.write(out);
    }

    private byte[] document(List<Variant> variants, List<String> names, List<Variant> together) throws IOException {
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 0; i < variants.size(); i++) {
            sheets.add(sheet(variants.get(i), i < names.size() ? names.get(i) : ""));
        }
        if (!together.isEmpty()) {
            sheets.add(new Sheet(new Page("Key \u00b7 " + title(), "", List.of("all variants \u00b7 for the instructor"),
                    KeyPieces.together(together)), Optional.empty(), exercise.title() + " \u00b7 key"));
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PdfSheets.write(sheets, paper, bytes);
        return bytes.toByteArray();
    }

    private Sheet sheet(Variant variant, String name) {
        Exercise shown = variant.exercise();
        String which = variant.number() == 0 ? "" : "variant " + variant.number();
        String marks = key ? Counted.of(shown.marks(), "mark") : "";
        Page page = new Page((key ? "Key \u00b7 " : "") + title(), "", List.of(shown.place(), which, marks, key
                ? "for the instructor" : ""), HandoutPieces.of(shown, key, paper));
        return new Sheet(page, key ? Optional.empty() : Optional.of(name), foot(variant));
    }

    private String title() {
        return exercise.heading().isBlank() ? exercise.title() : exercise.heading();
    }

    private String foot(Variant variant) {
        String title = exercise.title().length() > LONGEST_FOOT
                ? exercise.title().substring(0, LONGEST_FOOT) + "\u2026" : exercise.title();
        return title + (key ? " \u00b7 key" : "") + (variant.number() == 0 ? "" : " \u00b7 " + variant.number());
    }
}
