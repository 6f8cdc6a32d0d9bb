package hestra.documents.exercise;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.desk.CurveState;
import hestra.desk.Desk;
import hestra.desk.Note;
import hestra.desk.OwnSheet;
import hestra.desk.PartWork;
import hestra.desk.PlotState;
import hestra.desk.Pointing;
import hestra.desk.ReadingState;
import hestra.desk.Work;
import hestra.exercise.Exercise;
import hestra.task.Aid;
import hestra.task.Keepable;
import hestra.working.CalculationLine;

/**
 * What has been done in a study, as it stands in {@code study.json} and on the first line of its journal; or the section that was
 * written in a part of an exercise, as it stands in a hand-in. Tables stand in a list and are named by their
 * places in it, since most of what is kept is of the same data.
 *
 * @param tables the tables, each once; the first is that of now
 * @param now data, plot, curves and readings as they are now
 * @param notes the sheet
 */
record StudyDocument(List<DataTable> tables, State now, List<Written> notes) {

    /** The work at one time, with its table by its place from 0. */
    record State(int table, Optional<Roles> roles, Roles unchosen, PlotState plot, CurveState curves, ReadingState reading,
            List<CalculationLine> lines, Optional<Set<Aid>> shut) {}

    /** A note: a text, something that is kept, or a calculation line; without a state where it follows the plot. */
    record Written(String id, Optional<String> text, Optional<Keepable> what, Optional<CalculationLine> line,
            Optional<State> frozen, Optional<String> caption) {}

    /** The work on a study; nothing for an exercise, whose file holds no work. */
    static Optional<StudyDocument> of(Desk desk) {
        if (!desk.exercise().isStudy()) {
            return Optional.empty();
        }
        return Optional.of(of(desk.work().part(desk.exercise().first())));
    }

    /** The work on a part, with its sheet. */
    static StudyDocument of(PartWork work) {
        Tables tables = new Tables();
        State now = state(work, tables);
        List<Written> notes = work.sheet().notes().stream().map(note -> written(note, tables)).toList();
        return new StudyDocument(tables.all, now, notes);
    }

    /** Tables by their places; the same one is found again. */
    private static final class Tables {
        private final List<DataTable> all = new ArrayList<>();
        private final Map<DataTable, Integer> known = new IdentityHashMap<>();

        int place(DataTable table) {
            return known.computeIfAbsent(table, it -> {
                int place = all.indexOf(it);
                if (place >= 0) {
                    return place;
                }
                all.add(it);
                return all.size() - 1;
            });
        }
    }

    private static State state(PartWork work, Tables tables) {
        return new State(tables.place(work.table()), work.roles(), work.unchosen(), work.plot(), work.curves(), work.reading(),
                work.sheet().lines(), Optional.of(work.shut()).filter(it -> !it.isEmpty()));
    }

    private static Written written(Note note, Tables tables) {
        return switch (note) {
            case Note.Text(String id, String text) ->
                    new Written(id, Optional.of(text), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
            case Note.Kept(String id, Keepable what, Optional<PartWork> frozen, String caption) ->
                new Written(id, Optional.empty(), Optional.of(what), Optional.empty(), frozen.map(it -> state(it, tables)),
                        Optional.of(caption));
            case Note.Calculated(String id, CalculationLine line, Optional<PartWork> frozen) ->
                new Written(id, Optional.empty(), Optional.empty(), Optional.of(line), frozen.map(it -> state(it, tables)),
                        Optional.empty());
        };
    }

    /**
     * The desk of a study with this work done in it.
     *
     * @throws IllegalArgumentException if it does not fit together
     */
    Desk on(Exercise study) {
        Desk fresh = Desk.open(study);
        if (!study.isStudy()) {
            throw new IllegalArgumentException("the notes of a study do not belong here");
        }
        PartWork work = work();
        return new Desk(study, new Work(Map.of(study.first().id(), work), Map.of(), fresh.work().checks(), 0, ""),
                Pointing.AT_NOTHING);
    }

    /**
     * The work on a part, with its sheet.
     *
     * @throws IllegalArgumentException if it does not fit together
     */
    PartWork work() {
        if (notes.size() > OwnSheet.MOST) {
            throw new IllegalArgumentException("there are too many notes");
        }
        return work(now, new OwnSheet(notes.stream().map(this::note).toList(), now.lines()));
    }

    private PartWork work(State state, OwnSheet sheet) {
        if (state.table() < 0 || state.table() >= tables.size() || state.lines().size() > CalculationLine.MOST) {
            throw new IllegalArgumentException("a table is missing");
        }
        DataTable table = tables.get(state.table());
        if (!state.unchosen().isWithin(table.width()) || !state.roles().orElse(state.unchosen()).isWithin(table.width())) {
            throw new IllegalArgumentException("the axes name columns that are not there");
        }
        return new PartWork(table, state.roles(), state.unchosen(), state.plot(), state.curves(), state.reading(), sheet,
                OptionalInt.empty(), Optional.empty(), state.shut().orElse(Set.of()));
    }

    private Note note(Written written) {
        Optional<PartWork> frozen = written.frozen().map(it -> work(it, new OwnSheet(List.of(), it.lines())));
        if (written.text().isPresent()) {
            return new Note.Text(written.id(), written.text().get());
        }
        return written.line().<Note>map(line -> new Note.Calculated(written.id(), line, frozen))
                .orElseGet(() -> new Note.Kept(written.id(),
                written.what().orElseThrow(() -> new IllegalArgumentException("a note with nothing in it")), frozen,
                        written.caption().orElse("")));
    }
}
