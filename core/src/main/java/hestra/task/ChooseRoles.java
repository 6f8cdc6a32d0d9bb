package hestra.task;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

import hestra.data.Roles;
import hestra.feedback.Mistake;
import hestra.feedback.Verdict;

/** The student says which variable explains and which responds. */
public record ChooseRoles(Terms terms) implements Task, AnsweredByText, Conceals, LeavesToStudent {

    static final Kind KIND = new Kind("choose-roles", "Choose roles", Kind.Group.DATA, ChooseRoles.class,
            (id, _) -> new ChooseRoles(
            Terms.of(id, "Which explains, which responds?", "One of the two variables could depend on the other. Which?", 1)));

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new ChooseRoles(other);
    }

    @Override
    public boolean leavesRoles() {
        return true;
    }

    @Override
    public boolean drawsByRoles() {
        return true;
    }

    @Override
    public Answer standing(Bench bench) {
        return new Answer.RolesChosen(bench.roles());
    }

    @Override
    public boolean takes(Answer answer) {
        return answer instanceof Answer.RolesChosen;
    }

    @Override
    public Optional<Answer> typed(String text, Truth truth) {
        String plain = text.toLowerCase(Locale.ROOT);
        int x = plain.indexOf(truth.x().name().toLowerCase(Locale.ROOT));
        int y = plain.indexOf(truth.y().name().toLowerCase(Locale.ROOT));
        if (x < 0 || y < 0 || x == y) {
            return Optional.empty();
        }
        // "days explains length", "days -> length", "length responds to days", "length depends on days".
        boolean turned = plain.matches("(?s).*(respond|depend|explained by).*") && !plain.matches("(?s).*explains.*");
        boolean xExplains = x < y != turned;
        return Optional.of(new Answer.RolesChosen(Optional.of(xExplains ? truth.roles() : truth.roles().swapped())));
    }

    @Override
    public String expected(Truth truth) {
        return "Say which variable explains the other, such as \u201c" + truth.y()
                .name() + " explains " + truth.x().name() + "\u201d.";
    }

    @Override
    public Optional<String> unfinished(Answer answer, Truth truth) {
        return answer.as(Answer.RolesChosen.class).roles().isEmpty()
                ? Optional.of("Say first which variable explains and which responds.") : Optional.empty();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Optional<Roles> given = attempt.answer().as(Answer.RolesChosen.class).roles();
        if (given.isEmpty()) {
            return Verdict.wrong("Say for each variable whether it explains or responds.");
        }
        Roles chosen = given.get();
        if (chosen.hasAxesOf(truth.roles())) {
            return Verdict.right(terms.marks(), truth.x().described() + " explains, " + truth.y().described() + " responds.");
        }
        return chosen.hasAxesOf(truth.roles().swapped())
                ? Verdict.wrong("It is the other way round.").advising("Which of the two could depend on the other?")
                .recognising(List.of(Mistake.AXES_EXCHANGED))
                : Verdict.wrong("Another pair of variables is meant here.");
    }

    @Override
    public Key key(Truth truth) {
        return Key.of(truth.x().name() + " → " + truth.y().name())
                .recognising(List.of(new Key.Recognised(Mistake.AXES_EXCHANGED, truth.y().name() + " → " + truth.x().name())));
    }

    @Override
    public String rightAnswer(Truth truth) {
        return truth.x().name() + " explains, " + truth.y().name() + " responds";
    }

    @Override
    public List<String> inWords(Answer answer, Truth truth) {
        return List.of(answer.as(Answer.RolesChosen.class).roles().map(roles -> truth.data().variable(roles.explanatory()).name()
                + " explains, " + truth.data().variable(roles.response()).name() + " responds").orElse("–"));
    }

    @Override
    public List<OnPaper> onPaper(Truth truth) {
        List<String> names = List.of(truth.x().name(), truth.y().name());
        return List.of(new OnPaper.Choices(new ChoiceRow("explains", "", names, false), Set.of(0)),
                new OnPaper.Choices(new ChoiceRow("responds", "", names, false), Set.of(1)));
    }
}
