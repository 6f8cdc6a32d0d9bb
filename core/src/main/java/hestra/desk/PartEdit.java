package hestra.desk;

import java.util.List;
import java.util.Optional;
import java.util.Set;

import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.TableEdit;
import hestra.exercise.Part;
import hestra.exercise.PlotRules;
import hestra.exercise.Provenance;
import hestra.exercise.Varying;
import hestra.numbers.DecimalMark;
import hestra.recipe.Recipe;
import hestra.recipe.Sample;
import hestra.task.Aid;
import hestra.tracing.Picture;
import hestra.tracing.PictureAxes;
import hestra.tracing.Tracing;

/**
 * Something that the author does to a part of the exercise. Each edit says itself what comes of it; one that names what is not
 * there changes nothing.
 */
public sealed interface PartEdit extends Edit.Local {

    /** The part after the edit; the same object where it changes nothing. */
    Part appliedTo(Part part, DecimalMark mark);

    @Override
    default Desk appliedIn(Part part, Desk desk) {
        return desk.with(desk.exercise().with(appliedTo(part, desk.exercise().mark())));
    }

    /** The exercise's own data are changed. */
    record WriteTable(TableEdit change) implements PartEdit {
        @Override
        public String inWords() {
            return change.inWords();
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof WriteTable(TableEdit other) && change.continues(other);
        }

        @Override
        public Edit.Local joinedTo(Edit.Lasting before) {
            return before instanceof WriteTable(TableEdit other) ? new WriteTable(change.joinedTo(other)) : this;
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return part.withTableEdited(change, mark);
        }
    }

    /** The instructor brings in other data, and the roles that suit them. */
    record WriteColumns(DataTable data, Roles roles) implements PartEdit {
        @Override
        public String inWords() {
            return "bringing in data";
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return roles.isWithin(data.width()) ? part.withColumns(data, roles, new Provenance.ByHand()) : part;
        }
    }

    /**
     * The exercise's data are made by a recipe; the variables keep their names. Where none can be made by it, nothing changes.
     */
    record WriteRecipe(Recipe recipe) implements PartEdit {
        @Override
        public String inWords() {
            return "making data";
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return switch (Sample.of(recipe, part.x(), part.y(), mark)) {
                case Sample.Refused _ -> part;
                case Sample.Done(Sample sample) -> part.withColumns(sample.table(), sample.roles(), new Provenance.Made(recipe));
            };
        }
    }

    /** A picture is laid under the exercise's data, to read them off; the data stay until the first point is placed. */
    record LayPicture(Picture picture, PictureAxes axes) implements PartEdit {
        @Override
        public String inWords() {
            return "adding a picture";
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return part.withColumns(part.data(), part.roles(), new Provenance.Traced(picture, new Tracing(axes, List.of())));
        }
    }

    /**
     * Axes or points in the picture change, and with them the data.
     *
     * @param gesture numbers the drag: all steps of one drag are undone together
     */
    record Trace(Tracing tracing, long gesture) implements PartEdit {
        @Override
        public String inWords() {
            return "reading off the picture";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof Trace other && other.gesture == gesture;
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            if (!(part.provenance() instanceof Provenance.Traced(Picture picture, Tracing before))
                    || tracing.points().size() > Tracing.MOST_POINTS) {
                return part;
            }
            Provenance.Traced now = new Provenance.Traced(picture, tracing);
            // While none has been placed the data stay as they are.
            return tracing.points().isEmpty() && before.points().isEmpty() ? part.withColumns(part.data(), part.roles(), now)
                    : part.withColumns(new DataTable(List.of(part.x(), part.y()), tracing.rows(mark)), Roles.FIRST_EXPLAINS, now);
        }
    }

    /** The instructor says what the columns are for. */
    record WriteRoles(Roles roles) implements PartEdit {
        @Override
        public String inWords() {
            return "changing the roles";
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return roles.isWithin(part.data().width()) ? part.withRoles(roles) : part;
        }
    }

    /** The instructor chooses what is held back at the start. */
    record WriteHeld(Set<Aid> held) implements PartEdit {
        @Override
        public String inWords() {
            return "changing what is closed at the start";
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return part.withHeld(held);
        }
    }

    /** The instructor chooses what may be done in the plot and how equations are written. */
    record WriteRules(PlotRules rules) implements PartEdit {
        @Override
        public String inWords() {
            return "changing the rules of the plot";
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return part.withRules(rules);
        }
    }

    /**
     * The author says how the data differ from variant to variant.
     *
     * @param run names the run of typing in one field, all of which is undone together; nothing for a choice
     */
    record Vary(Varying varying, Optional<String> run) implements PartEdit {

        /** A choice. */
        public Vary(Varying varying) {
            this(varying, Optional.empty());
        }

        @Override
        public String inWords() {
            return "changing what differs from variant to variant";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof Vary other && run.isPresent() && other.run.equals(run);
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return part.varying().equals(varying) ? part : part.with(varying);
        }
    }

    /**
     * The author changes the heading of a part.
     *
     * @param run names the run of typing in one field, all of which is undone together
     */
    record WriteHeading(String heading, Optional<String> run) implements PartEdit {
        @Override
        public String inWords() {
            return "changing the heading of a part";
        }

        @Override
        public boolean continues(Edit.Lasting before) {
            return before instanceof WriteHeading other && run.isPresent() && other.run.equals(run);
        }

        @Override
        public Part appliedTo(Part part, DecimalMark mark) {
            return part.withHeading(heading);
        }
    }
}
