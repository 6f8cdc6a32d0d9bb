package hestra.task;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import hestra.sentences.Aspect;

/**
 * A sentence with gaps, in which the student fills in what is missing. What is filled in makes a sentence that is read like any
 * other.
 *
 * @param pieces what stands before, between and behind the gaps
 */
public record SentenceFrame(List<String> pieces) {

    /** What stands for a gap where a frame is written. */
    public static final String GAP = "___";
    /** Ends what was filled in, unseen, so that two gaps side by side are told apart. */
    private static final char END = '\u2060';
    private static final int LONGEST = 2000;

    public SentenceFrame {
        pieces = List.copyOf(pieces);
    }

    /** The frame of a text with gaps. */
    public static SentenceFrame of(String text) {
        return new SentenceFrame(List.of(text.split("_{2,}", -1)));
    }

    /** How many gaps there are. */
    public int gaps() {
        return pieces.size() - 1;
    }

    /** The sentence with the gaps filled; an empty one stays a gap. */
    public String filled(List<String> words) {
        StringBuilder sentence = new StringBuilder(pieces.getFirst());
        for (int i = 0; i < gaps(); i++) {
            String word = i < words.size() ? words.get(i).strip() : "";
            sentence.append(word.isEmpty() ? GAP : word).append(END).append(pieces.get(i + 1));
        }
        return sentence.toString();
    }

    /** What a sentence has in the gaps; all empty where it is none of this frame. */
    public List<String> words(String sentence) {
        String pattern = pieces.stream().map(Pattern::quote).collect(Collectors.joining("(.*?)" + END));
        Matcher matcher = Pattern.compile(pattern, Pattern.DOTALL).matcher(sentence.length() > LONGEST ? "" : sentence);
        List<String> words = new ArrayList<>();
        boolean fits = matcher.matches();
        for (int i = 1; i <= gaps(); i++) {
            String word = fits ? matcher.group(i) : "";
            words.add(word.equals(GAP) ? "" : word);
        }
        return List.copyOf(words);
    }

    /** The usual frame for what is explained; empty for one that has none. */
    public static String usual(Aspect.About about) {
        return switch (about) {
            case SLOPE -> "For each further ___, the ___ is predicted to be ___ ___ than before.";
            case R_SQUARED -> "___ % of the variation in ___ goes with ___.";
            case R -> "There is a ___, ___ linear relationship between ___ and ___.";
            case INTERCEPT -> "When ___ is 0, ___ is predicted to be about ___.";
            case S -> "The points lie typically about ___ from the line.";
            case P ->
                    "If there were no relation between ___ and ___, the chance of a slope at least this far from 0 would be "
                    + "___. So the data ___ no relation.";
            case PREDICTION -> "At ___, ___ is predicted to be about ___, and that lies ___ the data.";
        };
    }

    /** Whether every gap of a sentence is filled. */
    static boolean isWhole(String sentence) {
        return !sentence.contains(GAP);
    }
}
