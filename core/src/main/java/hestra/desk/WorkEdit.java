package hestra.desk;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.PointChange;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.exercise.Part;
import hestra.exercise.Provenance;
import hestra.numbers.DecimalMark;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.tracing.Tracing;

/**
 * Something that a student does with the data of a part. Each edit says itself what comes of it; one that names what is not there
 * changes nothing.
 */
public sealed interface WorkEdit extends Edit.Local
        permits PlotEdit, ChanceEdit, SheetEdit, WorkEdit.ChangeTable, WorkEdit.Restore, WorkEdit.MovePoint, WorkEdit.AddPoint,
        WorkEdit.RemovePoints, WorkEdit.BringColumns, WorkEdit.ChooseRoles, WorkEdit.PlayAgain, WorkEdit.PutBack,
                WorkEdit.ReadPicture {

    /** The work on a part after the edit; the same object where it changes nothing. */
    PartWork appliedTo(PartWork work, Part part, DecimalMark mark);

    /** The change of the table by which rows move, for whatever points at rows to follow. */
    default Optional<TableEdit> rowChange(PartWork before) {
        return Optional.empty();
    }

    @Override
    default Desk appliedIn(Part part, Desk desk) {
        PartWork before = desk.work().part(part);
        PartWork after = appliedTo(before, part, desk.exercise().mark());
        Pointing pointing = after.table() == before.table() ? desk.pointing() : rowChange(before).map(desk.pointing()::following)
                .orElseGet(() -> after.table().size() < before.table().size() ? desk.pointing().atNoRow() : desk.pointing());
        return new Desk(desk.exercise(), desk.work().with(part, after).remembering(part, before, desk.exercise().mark()),
                pointing);
    }

    /**
     * The work with its table changed. Columns may be named; they come and go only where the data are the student's own. Chosen
     * rows and roles are followed.
     */
    private static PartWork changed(PartWork work, Part part, TableEdit change, DecimalMark mark) {
        DataTable changed = change.appliedTo(work.table(), mark);
        boolean sameColumns = changed.variables().equals(work.table().variables()) || change instanceof TableEdit.Name;
        if (changed == work.table() || !sameColumns && !part.isOwn()) {
            return work;
        }
        PartWork after = work.withTable(changed).with(work.curves().following(change))
                .with(takesAnAxis(change, work.drawnRoles()) ? work.sheet().frozenAt(work.asItStands()) : work.sheet());
        return sameColumns ? after : after.withColumns(roles -> roles.following(change::columnAfter, changed));
    }

    /** Whether a change takes away a column that stands on an axis. */
    private static boolean takesAnAxis(TableEdit change, Roles roles) {
        return change.columnAfter(roles.explanatory()) < 0 || change.columnAfter(roles.response()) < 0;
    }

    /** The student's table is changed. */
    record ChangeTable(TableEdit change) implements WorkEdit {
        @Override
        public String inWords() {
            return change.inWords();
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ChangeTable(TableEdit other) && change.continues(other);
        }

        @Override
        public Edit.Local joinedTo(Edit.Lasting before) {
            return before instanceof ChangeTable(TableEdit other) ? new ChangeTable(change.joinedTo(other)) : this;
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            return changed(work, part, change, mark);
        }

        @Override
        public Optional<TableEdit> rowChange(PartWork before) {
            return Optional.of(change);
        }
    }

    /** A row, wherever it stands, holds again what was given out. */
    record Restore(int row) implements WorkEdit {
        @Override
        public String inWords() {
            return "restoring row " + (row + 1);
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            Optional<Row> given = Desk.asGiven(part.inRound(work.round(), mark).truth(mark).given(), work.table().row(row));
            return given.map(it -> {
                List<Row> rows = new ArrayList<>(work.table().rows());
                rows.set(row, it);
                return work.withTable(work.table().withRows(rows));
            }).orElse(work);
        }
    }

    /**
     * A point is moved.
     *
     * @param gesture numbers the drag: all moves of one drag are undone together
     */
    record MovePoint(int row, double x, double y, long gesture) implements WorkEdit {
        @Override
        public String inWords() {
            return "moving the point of row " + (row + 1);
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof MovePoint other && other.row == row && other.gesture == gesture;
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            if (!part.rules().allows(PointChange.MOVE) || row < 0 || row >= work.table().size() || !Double.isFinite(x)
                    || !Double.isFinite(y)) {
                return work;
            }
            Roles roles = work.drawnRoles();
            return work.withTable(work.table().withCell(row, roles.explanatory(), Cell.of(x, mark))
                    .withCell(row, roles.response(), Cell.of(y, mark)));
        }
    }

    /** A point is added, in the first row that is empty. */
    record AddPoint(double x, double y) implements WorkEdit {
        @Override
        public String inWords() {
            return "adding a point";
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            return part.rules().allows(PointChange.ADD) && Double.isFinite(x) && Double.isFinite(y)
                    ? changed(work, part, paste(work, mark), mark) : work;
        }

        private TableEdit paste(PartWork work, DecimalMark mark) {
            int row = 0;
            while (row < work.table().size() && !work.table().row(row).isEmpty()) {
                row++;
            }
            List<String> texts = new ArrayList<>(Collections.nCopies(work.table().width(), ""));
            texts.set(work.drawnRoles().explanatory(), Cell.of(x, mark).text());
            texts.set(work.drawnRoles().response(), Cell.of(y, mark).text());
            return new TableEdit.Paste(row, 0, List.of(texts));
        }
    }

    /** Points are removed from the plot, and with them their rows. */
    record RemovePoints(List<Integer> rows) implements WorkEdit {
        public RemovePoints {
            rows = List.copyOf(rows);
        }

        @Override
        public String inWords() {
            return rows.size() == 1
                    ? "removing the point of row " + (rows.getFirst() + 1) : "removing " + rows.size() + " points";
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            return part.rules().allows(PointChange.REMOVE) ? changed(work, part, new TableEdit.RemoveRows(rows), mark) : work;
        }

        @Override
        public Optional<TableEdit> rowChange(PartWork before) {
            return Optional.of(new TableEdit.RemoveRows(rows));
        }
    }

    /** Data are brought in with their columns, where they are the student's own. */
    record BringColumns(DataTable data, Roles roles) implements WorkEdit {
        @Override
        public String inWords() {
            return "bringing in data";
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            if (!part.isOwn() || !roles.isWithin(data.width())) {
                return work;
            }
            OwnSheet sheet = work.table().size() == 0 ? work.sheet() : work.sheet().frozenAt(work.asItStands());
            return work.withTable(data).with(sheet).withColumns(_ -> roles);
        }
    }

    /** Another round is played: with new data of the part's recipe. Rounds count from 1. */
    record PlayAgain(int round) implements WorkEdit {
        @Override
        public String inWords() {
            return "playing with new data";
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            boolean may = part.hasRounds() && part.tasks().stream().anyMatch(task -> task.terms()
                    .playing() == Terms.Playing.NEW_DATA);
            return may && round >= 1 ? work.inRound(round, part, mark) : work;
        }
    }

    /**
     * Axes or points in the part's picture change, and with them the student's table.
     *
     * @param gesture numbers the drag: all steps of one drag are undone together
     */
    record ReadPicture(Tracing tracing, long gesture) implements WorkEdit {
        @Override
        public String inWords() {
            return "reading off the picture";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof ReadPicture other && other.gesture == gesture;
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            boolean may = part.provenance() instanceof Provenance.Traced && part.tasks().stream().anyMatch(Task::readsPicture);
            return may && tracing.points().size() <= Tracing.MOST_POINTS ? work.with(tracing, mark) : work;
        }
    }

    /** All points are put back as they were given out. */
    record PutBack() implements WorkEdit {
        @Override
        public String inWords() {
            return "putting all points back";
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            Part here = part.inRound(work.round(), mark);
            return part.isOwn() ? work.withTable(work.table().withRows(List.of())) : work.withTable(here.truth(mark).given());
        }
    }

    /** The student chooses which variable explains and which responds. */
    record ChooseRoles(Roles roles) implements WorkEdit {
        @Override
        public String inWords() {
            return "choosing roles";
        }

        @Override
        public PartWork appliedTo(PartWork work, Part part, DecimalMark mark) {
            return roles.isWithin(work.table().width()) ? work.withRoles(Optional.of(roles)) : work;
        }
    }
}
