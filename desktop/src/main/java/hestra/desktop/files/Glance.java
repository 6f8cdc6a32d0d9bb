package hestra.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

import hestra.data.Pairs;
import hestra.desk.Desk;
import hestra.desk.Findings;
import hestra.desk.PartWork;
import hestra.desk.TaskState;
import hestra.documents.exercise.JournalFile;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.numbers.Counted;

/**
 * A piece of work at a glance.
 *
 * @param about what it is and how far it has come: "exercise · 5 of 8 tasks done"
 * @param pairs the points of its plot
 */
public record Glance(String about, Pairs pairs) {

    /** A journal larger than this is not read for a glance. */
    private static final long LARGE = 4_000_000;

    /** Work at a desk. */
    public static Glance of(Desk desk) {
        return of(desk, false);
    }

    /** Work as its journal leaves it; nothing where that cannot be read or would take long. */
    public static Optional<Glance> of(Path journal) {
        try {
            return Files.size(journal) > LARGE ? Optional.empty()
                    : JournalFile.look(journal).map(left -> of(left.now(), !left.now().exercise().equals(left.begun().exercise())
                    && !left.now().exercise().isStudy()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    private static Glance of(Desk desk, boolean written) {
        Exercise exercise = desk.exercise();
        PartWork first = desk.work().part(exercise.first());
        return new Glance(about(desk, written, first), first.table().size() > 0 ? Pairs.of(first.table(), first.drawnRoles())
                : exercise.parts().stream().map(Part::pairs).filter(pairs -> pairs.size() > 0).findFirst()
                .orElse(Pairs.of(first.table(), first.drawnRoles())));
    }

    private static String about(Desk desk, boolean written, PartWork first) {
        Exercise exercise = desk.exercise();
        if (exercise.isStudy()) {
            int figures = first.sheet().figures();
            return "your data · " + Counted.of(Pairs.of(first.table(), first.drawnRoles()).n(), "pair")
                    + (figures == 0 ? "" : " · " + Counted.of(figures, "figure") + " kept");
        }
        int tasks = exercise.tasks().size();
        if (written || tasks == 0) {
            return "writing · " + (tasks == 0 ? "no task yet" : Counted.of(tasks, "task"));
        }
        long done = Findings.of(desk).tasks().stream().filter(TaskState::done).count();
        return "exercise · " + (done == tasks ? "all " + Counted.of(tasks, "task") + " done" : done + " of "
                + Counted.of(tasks, "task") + " done");
    }
}
