package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import hestra.feedback.Mistake;
import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.Rounding;

/**
 * The student answers a question of the author's by a choice or in words.
 *
 * @param sort how it is answered
 * @param options what there is to choose from: of a statement with a reason, the reasons
 * @param isTrue whether the statement is true, where a statement is judged
 * @param accepted the short texts that are right; large letters, spaces and marks aside
 * @param order in which order each reader sees the options; nothing for an order of their own
 */
public record Question(Terms terms, Sort sort, List<Option> options, boolean isTrue, List<String> accepted,
        Optional<Order> order)
        implements ByChoice, ReadByPerson, SetByHand {

    public static final int MOST_OPTIONS = 8;

    /** In which order the options are shown. */
    public enum Order {
        AS_WRITTEN
    }

    /** With an order of the options for each reader. */
    public Question(Terms terms, Sort sort, List<Option> options, boolean isTrue, List<String> accepted) {
        this(terms, sort, options, isTrue, accepted, Optional.empty());
    }

    /** How a question is answered. */
    public enum Sort {
        ONE("one of several"),
        SEVERAL("several of several"),
        TRUE_BECAUSE("true or not, and why"),
        SHORT_TEXT("a word or two"),
        LONG_TEXT("a text, which you read");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }

        /** Whether there is something to choose from. */
        public boolean hasOptions() {
            return this == ONE || this == SEVERAL || this == TRUE_BECAUSE;
        }
    }

    /**
     * Something to choose.
     *
     * @param text what it says
     * @param right whether it is right
     * @param says what is told who chooses it wrongly, or wrongly leaves it out; may be empty
     * @param shows the mistake that is recognised in who chooses it wrongly; nothing for none
     */
    public record Option(String text, boolean right, String says, Optional<Mistake> shows) {

        /** One that shows no mistake of the list. */
        public Option(String text, boolean right, String says) {
            this(text, right, says, Optional.empty());
        }

        public Option withText(String other) {
            return new Option(other, right, says, shows);
        }

        public Option being(boolean isRight) {
            return new Option(text, isRight, says, shows);
        }

        public Option saying(String other) {
            return new Option(text, right, other, shows);
        }

        public Option showing(Optional<Mistake> mistake) {
            return new Option(text, right, says, mistake);
        }

        /** What is told who gets it wrong: the author's own words, or else those of the mistake that it shows; may be empty. */
        private String told(Truth truth) {
            return says.isBlank()
                    ? shows.map(it -> Mistake.say(List.of(it), truth.x(), truth.y(), new Rounding.Free())).orElse("") : says;
        }
    }

    static final Kind KIND = new Kind("question", "Question", Kind.Group.WORDS, Question.class, (id, _) -> new Question(
            Terms.of(id, "A question", "What does r measure?", 1), Sort.ONE,
                    List.of(new Option("how closely the points follow a straight line", true, ""),
                            new Option("how steep the line is", false, "The slope says how steep the line is."),
                    new Option("whether one causes the other", false, "No number of the plot says that.")), true, List.of()));

    private static final List<String> TRUE_OR_NOT = List.of("true", "not true");

    public Question {
        options = List.copyOf(options);
        accepted = List.copyOf(accepted);
        if (options.size() > MOST_OPTIONS) {
            throw new IllegalArgumentException(options.size() + " options");
        }
    }

    @Override
    public boolean isReadByPerson() {
        return sort == Sort.LONG_TEXT;
    }

    @Override
    public Kind kind() {
        return KIND;
    }

    @Override
    public Task with(Terms other) {
        return new Question(other, sort, options, isTrue, accepted, order);
    }

    public Question with(Sort other) {
        return new Question(terms, other, options, isTrue, accepted, order);
    }

    public Question with(List<Option> others) {
        return new Question(terms, sort, others, isTrue, accepted, order);
    }

    public Question whichIs(boolean trueOrNot) {
        return new Question(terms, sort, options, trueOrNot, accepted, order);
    }

    public Question accepting(List<String> texts) {
        return new Question(terms, sort, options, isTrue, texts, order);
    }

    /** The same with the options in the order in which they are written, or in an order for each reader. */
    public Question inOrder(boolean asWritten) {
        return new Question(terms, sort, options, isTrue, accepted,
                asWritten ? Optional.of(Order.AS_WRITTEN) : Optional.empty());
    }

    private List<String> texts() {
        return options.stream().map(Option::text).toList();
    }

    @Override
    public List<ChoiceRow> rows(Truth truth) {
        return switch (sort) {
            case ONE -> List.of(new ChoiceRow("choice", "", texts(), false, order.isEmpty()));
            case SEVERAL -> List.of(new ChoiceRow("choices", "Choose all that are right.", texts(), true, order.isEmpty()));
            case TRUE_BECAUSE ->
                    List.of(new ChoiceRow("statement", "", TRUE_OR_NOT, false),
                            new ChoiceRow("reason", "because", texts(), false, order.isEmpty()));
            case SHORT_TEXT, LONG_TEXT -> List.of();
        };
    }

    @Override
    public List<Set<Integer>> rightPlaces(Truth truth) {
        Set<Integer> right = IntStream.range(0, options.size()).filter(i -> options.get(i).right).boxed()
                .collect(Collectors.toSet());
        return switch (sort) {
            case ONE, SEVERAL -> List.of(right);
            case TRUE_BECAUSE -> List.of(Set.of(isTrue ? 0 : 1), right);
            case SHORT_TEXT, LONG_TEXT -> List.of();
        };
    }

    @Override
    public Optional<String> textPrompt() {
        return switch (sort) {
            case ONE, SEVERAL, TRUE_BECAUSE -> Optional.empty();
            case SHORT_TEXT -> Optional.of("A word or two");
            case LONG_TEXT -> Optional.of("Write what you think. Your instructor reads it.");
        };
    }

    @Override
    public boolean needsText() {
        return !sort.hasOptions();
    }

    @Override
    public Verdict judged(Attempt attempt, Truth truth) {
        Chosen chosen = attempt.answer().as(Chosen.class);
        return switch (sort) {
            case ONE -> one(chosen.at(0), truth);
            case SEVERAL -> several(chosen.at(0), truth);
            case TRUE_BECAUSE -> trueBecause(chosen, truth);
            case SHORT_TEXT -> accepted.stream().anyMatch(it -> plain(it).equals(plain(chosen.text())))
                    ? Verdict.right(terms.marks(), "Right.") : Verdict.wrong("This is not the word that is asked for.");
            // Nothing of it is decided here: the marks stand as a proposal.
            case LONG_TEXT -> Verdict.right(terms.marks(), "Written. Your instructor reads it and gives the marks.");
        };
    }

    private Verdict one(Set<Integer> picked, Truth truth) {
        if (picked.size() != 1 || picked.iterator().next() >= options.size()) {
            return Verdict.wrong("Choose one of them.");
        }
        Option option = options.get(picked.iterator().next());
        String told = option.told(truth);
        return option.right
                ? Verdict.right(terms.marks(), "Right.")
                : Verdict.wrong(told.isBlank() ? "This is not right." : told).recognising(shown(picked));
    }

    /** The mistakes that are shown by what was chosen wrongly. */
    private List<Mistake> shown(Set<Integer> picked) {
        return picked.stream().filter(it -> it < options.size()).map(options::get).filter(it -> !it.right)
                .flatMap(it -> it.shows.stream()).distinct().toList();
    }

    private Verdict several(Set<Integer> picked, Truth truth) {
        List<Verdict.Part> parts = new ArrayList<>();
        List<String> says = new ArrayList<>();
        for (int i = 0; i < options.size(); i++) {
            Option option = options.get(i);
            boolean right = picked.contains(i) == option.right;
            parts.add(new Verdict.Part(option.text, right ? Outcome.RIGHT : Outcome.WRONG, ""));
            if (!right && !option.told(truth).isBlank()) {
                says.add(option.told(truth));
            }
        }
        long right = parts.stream().filter(it -> it.outcome() == Outcome.RIGHT).count();
        return Verdict.ofParts(terms.marks(), parts,
                right == parts.size()
                ? "Right."
                : (right + " of " + parts.size() + " are chosen, or left out, rightly. " + String.join(" ", says)).strip())
                .recognising(shown(picked));
    }

    private Verdict trueBecause(Chosen chosen, Truth truth) {
        boolean statement = chosen.at(0).contains(isTrue ? 0 : 1);
        Optional<Option> reason = chosen.at(1).stream().filter(it -> it < options.size()).map(options::get).findFirst();
        boolean why = reason.filter(Option::right).isPresent();
        List<Verdict.Part> parts = List.of(new Verdict.Part("statement", statement ? Outcome.RIGHT : Outcome.WRONG, ""),
                new Verdict.Part("reason", why ? Outcome.RIGHT : Outcome.WRONG, ""));
        String says = reason.filter(it -> !it.right).map(it -> it.told(truth)).filter(it -> !it.isBlank())
                .orElse(why ? "" : "The reason is not the best one.");
        return Verdict.ofParts(terms.marks(), parts,
                statement && why ? "Right." : ((statement ? "" : "Think again whether it is true. ") + says).strip())
                .recognising(shown(chosen.at(1)));
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").replaceAll("\\b(?:a|an|the) ", "").strip();
    }

    @Override
    public Optional<String> lacks() {
        return sort.hasOptions() && options.size() < 2 ? Optional.of("there is nothing to choose from yet.")
                : sort.hasOptions() && options.stream().anyMatch(it -> it.text().isBlank())
                ? Optional.of("one of the choices is empty.") : Optional.empty();
    }

    @Override
    public Key key(Truth truth) {
        List<String> right = options.stream().filter(Option::right).map(Option::text).toList();
        return switch (sort) {
            case ONE, SEVERAL ->
                    right.isEmpty() && sort == Sort.ONE
                    ? Key.missing("none of the choices is marked as right")
                    : Key.of(right.isEmpty() ? "none of them" : String.join("; ", right));
            case TRUE_BECAUSE ->
                    right.isEmpty()
                    ? Key.missing("none of the reasons is marked as right")
                    : Key.of((isTrue ? "true" : "not true") + ", because " + String.join(" or ", right));
            case SHORT_TEXT -> accepted.isEmpty()
                    ? Key.missing("no text is given that is right") : Key.of(String.join(" or ", accepted));
            case LONG_TEXT -> Key.of("read by you");
        };
    }

    @Override
    public String rightAnswer(Truth truth) {
        return sort == Sort.LONG_TEXT ? "" : key(truth).computed() ? key(truth).text() : "";
    }

    /** The option without what tells whether it is right. */
    private static Option bare(Option option) {
        return new Option(option.text, false, "");
    }

    @Override
    public Optional<Sealing> sealing(Truth truth) {
        return sort == Sort.LONG_TEXT
                ? Optional.empty()
                : Optional.of(new Sealing(new Question(terms, sort, options.stream().map(Question::bare).toList(), true,
                        List.of()), keyInPieces()));
    }

    @Override
    public Task bare() {
        // What was accepted or offered while it was a question of another sort is still there.
        return sort == Sort.LONG_TEXT ? new Question(terms.bare(), sort, List.of(), true, List.of()) : with(terms.bare());
    }

    private List<Sealing.Piece> keyInPieces() {
        Set<String> right = IntStream.range(0, options.size()).filter(i -> options.get(i).right)
                .mapToObj(Integer::toString).collect(Collectors.toSet());
        return switch (sort) {
            case ONE -> List.of(new Sealing.Piece("", right));
            case SEVERAL -> options.stream().map(option -> new Sealing.Piece(option.text, Set.of(Boolean.toString(option.right))))
                    .toList();
            case TRUE_BECAUSE ->
                    List.of(new Sealing.Piece("statement", Set.of(isTrue ? "0" : "1")), new Sealing.Piece("reason", right));
            case SHORT_TEXT -> List.of(new Sealing.Piece("", accepted.stream().map(Question::plain).collect(Collectors.toSet())));
            case LONG_TEXT -> List.of();
        };
    }

    @Override
    public List<String> pieces(Answer answer, Truth truth) {
        Chosen chosen = answer.as(Chosen.class);
        return switch (sort) {
            case ONE -> List.of(only(chosen.at(0)));
            case SEVERAL -> IntStream.range(0, options.size()).mapToObj(i -> Boolean.toString(chosen.at(0).contains(i))).toList();
            case TRUE_BECAUSE -> List.of(only(chosen.at(0)), only(chosen.at(1)));
            case SHORT_TEXT -> List.of(plain(chosen.text()));
            case LONG_TEXT -> List.of();
        };
    }

    private static String only(Set<Integer> picked) {
        return picked.stream().map(String::valueOf).sorted().collect(Collectors.joining(" "));
    }

    @Override
    public int linesOfText() {
        return sort == Sort.LONG_TEXT ? 6 : 1;
    }
}
