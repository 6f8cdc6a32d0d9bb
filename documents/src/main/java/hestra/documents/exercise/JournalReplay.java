package hestra.documents.exercise;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;

import com.fasterxml.jackson.databind.JsonNode;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.ExerciseEdit;
import hestra.desk.History;
import hestra.desk.Session;
import hestra.desk.Step;
import hestra.desk.Steps;
import hestra.numbers.DecimalMark;

/**
 * What a journal says, read to its end or to its first fault: a line that is no edit, or an edit that cannot be computed with.
 *
 * @param begun the desk it began with
 * @param session the desk as the good lines leave it
 * @param steps the edits that were made again, with their times
 * @param about what it is about, and how many edits were made again
 * @param length how many bytes the good lines take
 * @param whole whether that is all there is
 * @param met whether what was asked for stood on the desk at some time
 * @param place from where the lines go on, see {@link EditLines}
 */
record JournalReplay(Desk begun, Session session, Steps steps, JournalSummary about, long length, boolean whole, boolean met,
        String place) {

    /** How the line of an edit begins that holds an exercise of its own. */
    private static final String BROUGHT_BACK = "{\"kind\":\"" + Names.all().get(ExerciseEdit.GoBackTo.class) + "\"";

    /** Reads a journal; nothing where it is none, or its first line cannot be read. */
    static Optional<JournalReplay> of(Path file, Optional<Desk> asked) throws IOException {
        Optional<JournalReplay> quick = of(file, asked, false);
        // To work out what follows from the desk at every edit takes long, so it is done only where the end cannot be worked out.
        return quick.isPresent() ? quick : of(file, asked, true);
    }

    private static Optional<JournalReplay> of(Path file, Optional<Desk> asked, boolean careful) throws IOException {
        try (JournalLines lines = JournalLines.of(file)) {
            Optional<Desk> begun = lines.next().flatMap(JournalReplay::begun);
            if (begun.isEmpty()) {
                return Optional.empty();
            }
            Desk first = begun.get();
            History history = History.of(first);
            Optional<Session> session = careful ? session(history) : Optional.empty();
            if (careful && session.isEmpty()) {
                return Optional.empty();
            }
            boolean met = asked.isEmpty() || isThere(asked.get(), first);
            long length = lines.end();
            JournalSummary about = JournalSummary.begun(first.exercise());
            Steps steps = new Steps();
            String place = lines.place();
            Optional<EditLines.Stamped> line = lines.nextEdit();
            while (line.isPresent()) {
                Optional<Step> step = step(line.get(), history.present().exercise().mark());
                Optional<History> next = step.map(Step::edit).flatMap(careful ? after(session.orElseThrow()) : after(history));
                if (next.isEmpty()) {
                    break;
                }
                if (careful && next.get() != history) {
                    session = session(next.get());
                }
                history = next.get();
                steps.add(step.get());
                Desk now = history.present();
                met = met || asked.filter(it -> isThere(it, now)).isPresent();
                length = lines.end();
                place = lines.place();
                about = about.after(step.get().edit());
                line = lines.nextEdit();
            }
            if (line.isEmpty()) {
                length = lines.end();
            }
            String last = place;
            boolean whole = length == Files.size(file);
            JournalSummary made = about;
            boolean known = met;
            long good = length;
            return (careful ? session : session(history))
                    .map(end -> new JournalReplay(first, end, steps, made, good, whole, known, last));
        }
    }

    /** Whether a desk shows what stands in a file: the exercise, and of a study also what was done in it. */
    private static boolean isThere(Desk asked, Desk now) {
        return now.exercise().equals(asked.exercise())
                && (!asked.exercise().isStudy() || now.work().parts().equals(asked.work().parts()));
    }

    private static Function<Edit, Optional<History>> after(History history) {
        return edit -> {
            try {
                return Optional.of(history.apply(edit));
            } catch (RuntimeException | VirtualMachineError e) {
                return Optional.empty();
            }
        };
    }

    private static Function<Edit, Optional<History>> after(Session session) {
        return edit -> switch (session.apply(edit)) {
            case Session.Outcome.Made(Session made) -> Optional.of(made.history());
            case Session.Outcome.Nothing _ -> Optional.of(session.history());
            case Session.Outcome.Refused _ -> Optional.empty();
        };
    }

    private static Optional<Session> session(History history) {
        try {
            return Optional.of(Session.of(history));
        } catch (RuntimeException | VirtualMachineError e) {
            return Optional.empty();
        }
    }

    /** The desk in a journal's first line. */
    static Optional<Desk> begun(String line) {
        try {
            JsonNode tree = Json.tree(line);
            boolean old = VersionOne.is(tree, "journal");
            if (!old && !JournalFile.READABLE.contains(tree.path("journal").asInt())) {
                return Optional.empty();
            }
            JournalFile.Header header = Json.read(old ? VersionOne.header(tree) : tree, JournalFile.Header.class,
                    markOf(tree.path("exercise")));
            return Optional.of(header.desk());
        } catch (IOException | RuntimeException | StackOverflowError e) {
            return Optional.empty();
        }
    }

    private static DecimalMark markOf(JsonNode exercise) {
        return "comma".equals(exercise.path("mark").asText()) ? DecimalMark.COMMA : DecimalMark.POINT;
    }

    /** An edit with its time, which older journals do not have. */
    static Optional<Step> step(EditLines.Stamped stamped, DecimalMark mark) {
        return edit(stamped.edit(), mark).map(edit -> Step.at(stamped.at(), edit));
    }

    /**
     * An edit; its cells are written as the exercise writes numbers by then, those of a version that is brought back as that did.
     */
    private static Optional<Edit> edit(String line, DecimalMark mark) {
        try {
            DecimalMark typed = line.startsWith(BROUGHT_BACK) ? markOf(Json.tree(line).path("version")) : mark;
            return Optional.of(VersionOne.isOwnEdit(line)
                    ? Json.read(VersionOne.edit(Json.tree(line)), Edit.class, typed) : Json.read(line, Edit.class, typed));
        } catch (IOException | RuntimeException | StackOverflowError e) {
            return Optional.empty();
        }
    }
}
