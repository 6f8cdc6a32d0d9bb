package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import hestra.feedback.Outcome;
import hestra.feedback.Quantity;
import hestra.feedback.Verdict;

/**
 * The student describes the scatter plot by choices and a sentence.
 *
 * @param key the right choices, as the instructor confirmed them
 */
public record Describe(Terms terms, Description key) implements Task, AnsweredByText, KeepsInStep, RestsOnGiven, SetByHand {

    static final Kind KIND = new Kind("describe", "Describe", Kind.Group.PLOT, Describe.class, (id, truth) -> new Describe(
            Terms.of(id, "Describe what you see", "Look at the plot before any line is drawn. What do the points show?", 4)
                    .opening(Aid.all()),
            Description.proposedFor(truth.pairsWithSlips())));

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new Describe(other, key);
    }

    @Override
    public Task inStep(Truth before, Truth now) {
        return key.equals(Description.proposedFor(before.pairsWithSlips()))
                ? new Describe(terms, Description.proposedFor(now.pairsWithSlips())) : this;
    }

    /** The sign of either is the direction. */
    @Override
    public boolean asksFor(Quantity quantity) {
        return quantity == Quantity.R || quantity == Quantity.SLOPE || quantity == Quantity.R_SQUARED;
    }

    @Override
    public boolean isToldInWords() {
        return true;
    }

    @Override
    public boolean isToldByPlot(Set<Aid> drawn) {
        return drawn.contains(Aid.LINE);
    }

    @Override
    public Subject subject() {
        return Subject.POINTS;
    }

    @Override
    public Answer standing(Bench bench) {
        return bench.draft(this, Described.NOTHING);
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Described;
    }

    @Override
    public Optional<Answer> typed(String text, Truth truth) {
        Described described = Described.NOTHING;
        for (String piece : ChoiceText.pieces(text.replace("unusual:", ""))) {
            boolean last = described.direction().isPresent() && described.form().isPresent() && described.strength().isPresent();
            List<Description.Choice> open = new ArrayList<>();
            if (last) {
                open.addAll(List.of(Description.Unusual.values()));
            } else {
                open.addAll(described.direction().isPresent() ? List.of() : List.of(Description.Direction.values()));
                open.addAll(described.form().isPresent() ? List.of() : List.of(Description.Form.values()));
                open.addAll(described.strength().isPresent() ? List.of() : List.of(Description.Strength.values()));
            }
            Optional<Description.Choice> choice = ChoiceText.find(open, Description.Choice::inWords, piece);
            if (choice.isEmpty()) {
                return Optional.empty();
            }
            described = described.with(choice.get());
        }
        return Optional.of(described);
    }

    @Override
    public String expected(Truth truth) {
        return "Give direction, form, strength and how many points are unusual, such as \u201cneither, curved, weak, none\u201d.";
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return answer.as(Described.class).isComplete() ? Optional.empty() : Optional.of("Make all four choices first.");
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Described given = attempt.answer().as(Described.class);
        List<Verdict.Part> parts = List.of(
                part("direction", given.direction(), key.direction()),
                part("form", given.form(), key.form()),
                part("strength", given.strength(), key.strength()),
                part("unusual points", given.unusual(), key.unusual()));
        List<String> wrong = parts.stream().filter(part -> part.outcome() != Outcome.RIGHT).map(Verdict.Part::name).toList();
        int right = parts.size() - wrong.size();
        String message = wrong.isEmpty()
                ? "All four choices fit the plot." : right + " of 4 choices " + (right == 1 ? "fits" : "fit") + " the plot.";
        return Verdict.ofParts(terms.marks(), parts, message)
                .advising(wrong.isEmpty() ? "" : "Look again at: " + String.join(", ", wrong) + ".");
    }

    private static <T> Verdict.Part part(String name, Optional<T> given, T key) {
        return new Verdict.Part(name, given.filter(key::equals).isPresent() ? Outcome.RIGHT : Outcome.WRONG, "");
    }

    @Override
    public Key key(Truth truth) {
        return Key.of(key.inWords());
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        Described described = answer.as(Described.class);
        List<String> lines = new ArrayList<>();
        lines.add(String.join(" · ", List.of(words(described.direction()), words(described.form()), words(described.strength()),
                "unusual: " + words(described.unusual()))));
        if (!described.sentence().isBlank()) {
            lines.add(described.sentence());
        }
        return lines;
    }

    private static String words(Optional<? extends Description.Choice> choice) {
        return choice.map(Description.Choice::inWords).orElse("–");
    }

    /** Only where it is not the proposed one, which anyone can work out who has the data. */
    @Override
    public Optional<Sealing> sealing(Truth truth) {
        Description proposed = Description.proposedFor(truth.pairsWithSlips());
        return key.equals(proposed) ? Optional.empty() : Optional.of(new Sealing(new Describe(terms, proposed), List.of(
                piece("direction", key.direction()), piece("form", key.form()), piece("strength", key.strength()),
                        piece("unusual points", key.unusual()))));
    }

    private static Sealing.Piece piece(String name, Enum<?> choice) {
        return new Sealing.Piece(name, Set.of(choice.name()));
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        Described given = answer.as(Described.class);
        return Stream.<Optional<? extends Enum<?>>>of(given.direction(), given.form(), given.strength(), given.unusual())
                .map(it -> it.map(Enum::name).orElse("")).toList();
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        return List.of(row("direction", Description.Direction.values(), key.direction()),
                row("form", Description.Form.values(), key.form()),
                row("strength", Description.Strength.values(), key.strength()),
                row("unusual points", Description.Unusual.values(), key.unusual()), new OnPaper.Lines(2, ""));
    }

    private static <C extends Enum<C> & Description.Choice> OnPaper row(String name, C[] choices, C right) {
        return new OnPaper.Choices(new ChoiceRow(name, "", Stream.of(choices).map(Description.Choice::inWords).toList(), false),
                Set.of(right.ordinal()));
    }
}
