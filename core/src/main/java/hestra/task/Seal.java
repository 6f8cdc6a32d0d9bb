package hestra.task;

import java.security.GeneralSecurityException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import javax.crypto.SecretKeyFactory;
import javax.crypto.spec.PBEKeySpec;

import hestra.feedback.Outcome;
import hestra.feedback.Verdict;
import hestra.numbers.Words;

/**
 * A key that can be compared with and not be read: for each piece of an answer the digests of what is right, by PBKDF2 with
 * HMAC-SHA-256 (RFC 8018) and a salt of its own.
 *
 * @param salt 16 bytes in hexadecimal
 * @param locks one for each piece
 */
public record Seal(String salt, List<Lock> locks) {

    /** How many bytes of chance a salt has. */
    public static final int SALT_BYTES = 16;

    private static final int ROUNDS = 2_000;
    private static final int BITS = 256;

    /**
     * One piece.
     *
     * @param name what it is; empty where the answer is one piece
     * @param digests of all that is right, in hexadecimal, in ascending order, so that their order tells nothing
     */
    public record Lock(String name, List<String> digests) {
        public Lock {
            digests = digests.stream().sorted().toList();
        }
    }

    public Seal {
        locks = List.copyOf(locks);
        if (!salt.matches("[0-9a-f]{" + 2 * SALT_BYTES + "}")) {
            throw new IllegalArgumentException("no salt of " + SALT_BYTES + " bytes");
        }
    }

    /** Seals the pieces of a key. */
    public static Seal of(Sealing sealing, byte[] salt) {
        String hex = HexFormat.of().formatHex(Arrays.copyOf(salt, SALT_BYTES));
        List<Lock> locks = new ArrayList<>();
        for (int i = 0; i < sealing.pieces().size(); i++) {
            int place = i;
            locks.add(new Lock(sealing.pieces().get(i).name(), sealing.pieces().get(i).right().stream()
                    .map(text -> digest(hex, place, text)).toList()));
        }
        return new Seal(hex, locks);
    }

    private List<Verdict.Part> parts(List<String> pieces) {
        List<Verdict.Part> parts = new ArrayList<>();
        for (int i = 0; i < locks.size(); i++) {
            boolean right = i < pieces.size() && locks.get(i).digests().contains(digest(salt, i, pieces.get(i)));
            parts.add(new Verdict.Part(locks.get(i).name(), right ? Outcome.RIGHT : Outcome.WRONG, ""));
        }
        return parts;
    }

    /**
     * The verdict on an answer of which the key is sealed in part.
     *
     * @param computed the verdict on all of it; what it says of the pieces that are sealed here counts for nothing
     */
    public Verdict judge(Task task, List<String> pieces, Verdict computed) {
        Map<String, Verdict.Part> sealed = parts(pieces).stream().collect(Collectors.toMap(Verdict.Part::name, it -> it));
        List<Verdict.Part> parts = computed.parts().stream().map(it -> sealed.getOrDefault(it.name(), it)).toList();
        List<String> said = parts.stream().filter(it -> it.outcome() != Outcome.RIGHT)
                .map(it -> it.note().isEmpty() ? "\u201c" + Words.capitalized(it.name()) + "\u201d is not right yet." : it.note())
                .toList();
        return Verdict.ofParts(task.terms().marks(), parts, said.isEmpty() ? "Right." : String.join(" ", said))
                .recognising(computed.mistakes()).advising(computed.advice());
    }

    /** Which of the pieces of an answer are right; a piece that is missing is not. */
    public Verdict judge(Task task, List<String> pieces) {
        int marks = task.terms().marks();
        List<Verdict.Part> parts = parts(pieces);
        long right = parts.stream().filter(part -> part.outcome() == Outcome.RIGHT).count();
        if (parts.size() == 1) {
            return right == 1 ? Verdict.right(marks, "Right.") : Verdict.wrong("This is not right.");
        }
        return Verdict.ofParts(marks, parts, right == parts.size() ? "Right." : right + " of " + parts.size() + " are right.");
    }

    private static String digest(String salt, int place, String text) {
        try {
            PBEKeySpec spec = new PBEKeySpec((place + "\n" + text).toCharArray(), HexFormat.of().parseHex(salt), ROUNDS, BITS);
            return HexFormat.of().formatHex(SecretKeyFactory.getInstance("PBKDF2WithHmacSHA256").generateSecret(spec)
                    .getEncoded());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has this function", e);
        }
    }
}
