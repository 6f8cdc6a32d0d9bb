package hestra.desk;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import hestra.exercise.Part;
import hestra.figure.Layer;
import hestra.figure.Slot;
import hestra.fit.Curve;
import hestra.task.Aid;
import hestra.task.KeptFigure;
import hestra.task.WrittenSection;

/** What stands on a part's own sheet, as the answer to a task that asks for it. */
final class Sections {

    private Sections() {}

    /** The section of a part; nothing where no task asks for one. */
    static WrittenSection of(Part part, Desk desk) {
        PartWork work = desk.work().part(part);
        if (!part.hasSection()) {
            return WrittenSection.NOTHING;
        }
        String text = work.sheet().notes().stream().filter(Note.Text.class::isInstance).map(note -> ((Note.Text) note).text())
                .collect(Collectors.joining("\n\n"));
        boolean follows = work.sheet().notes().stream().anyMatch(note -> note instanceof Note.Shown shown && shown.follows());
        PartWork now = follows ? work.shutting(TaskStates.closed(part, desk)) : work;
        List<KeptFigure> figures = work.sheet().notes().stream().filter(Note.Kept.class::isInstance).map(Note.Kept.class::cast)
                .map(kept -> figure(kept, kept.frozen().orElse(now))).toList();
        return new WrittenSection(text, figures);
    }

    private static KeptFigure figure(Note.Kept kept, PartWork state) {
        Set<Aid> shut = state.shut();
        CurveState curves = state.curves();
        boolean line = !shut.contains(Aid.LINE) && state.layers().contains(Layer.LINE);
        boolean further = !shut.contains(Aid.CURVES) && !shut.contains(Aid.LINE);
        List<Curve> others = further
                ? curves.further().entrySet().stream().filter(it -> !curves.hidden().contains(it.getKey()))
                .map(Map.Entry::getValue).toList() : List.of();
        boolean trial = !shut.contains(Aid.TRIAL) && curves.trial().isPresent() && !curves.hidden().contains(Slot.TRIAL);
        boolean residuals = !shut.contains(Aid.RESIDUALS) && (line || !others.isEmpty() || trial)
                && (state.layers().contains(Layer.RESIDUALS) || state.layers().contains(Layer.SQUARES));
        return new KeptFigure(kept.what(), line, others, trial, residuals);
    }
}
