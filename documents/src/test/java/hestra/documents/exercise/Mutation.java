package hestra.documents.exercise;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * Bytes as they may become on their way: cut short, overwritten, doubled, with parts taken out or exchanged for others that mean
 * something.
 */
final class Mutation {

    private static final List<String> WORDS = List.of("null", "[]", "{}", "-1", "1e999", "2147483648", "1.5", "\"\"", "true",
            "[null]", "\"x\"", "99999999999999999999", "\u0000", ",", "\"", "\n", "}{",
            "[[[[[[[[", "<a>", "&amp;", "\t\t\t", ";;;", "1/0", "−5", "NaN");

    private final Random random;

    Mutation(long seed) {
        this.random = new Random(seed);
    }

    byte[] of(byte[] whole) {
        byte[] changed = whole;
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            changed = once(changed);
        }
        return changed;
    }

    private byte[] once(byte[] whole) {
        if (whole.length == 0) {
            return WORDS.get(random.nextInt(WORDS.size())).getBytes(StandardCharsets.UTF_8);
        }
        int at = random.nextInt(whole.length);
        int length = Math.min(whole.length - at, 1 + random.nextInt(random.nextInt(8) == 0 ? 400 : 12));
        return switch (random.nextInt(7)) {
            case 0 -> Arrays.copyOf(whole, at);
            case 1 -> {
                byte[] flipped = whole.clone();
                flipped[at] ^= (byte) (1 << random.nextInt(8));
                yield flipped;
            }
            case 2 -> spliced(whole, at, length, new byte[0]);
            case 3 -> spliced(whole, at, 0, Arrays.copyOfRange(whole, at, at + length));
            case 4 -> spliced(whole, at, length, Arrays.copyOfRange(whole, random.nextInt(at + 1), at + length));
            default -> token(whole, at);
        };
    }

    /** Something that means something in place of a number, a word or a text. */
    private byte[] token(byte[] whole, int at) {
        int start = at;
        while (start > 0 && !isEnd(whole[start - 1])) {
            start--;
        }
        int end = at;
        while (end < whole.length && !isEnd(whole[end])) {
            end++;
        }
        return spliced(whole, start, end - start, WORDS.get(random.nextInt(WORDS.size())).getBytes(StandardCharsets.UTF_8));
    }

    private static boolean isEnd(byte b) {
        return ":,[]{}\n\t;<> ".indexOf(b) >= 0;
    }

    private static byte[] spliced(byte[] whole, int at, int removed, byte[] inserted) {
        byte[] spliced = new byte[whole.length - removed + inserted.length];
        System.arraycopy(whole, 0, spliced, 0, at);
        System.arraycopy(inserted, 0, spliced, at, inserted.length);
        System.arraycopy(whole, at + removed, spliced, at + inserted.length, whole.length - at - removed);
        return spliced;
    }
}
