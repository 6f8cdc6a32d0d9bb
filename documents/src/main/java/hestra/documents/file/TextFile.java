package hestra.documents.file;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * A text file in whatever encoding it came: UTF-8 with or without a mark, UTF-16 with one or plainly so, else Windows-1252.
 * What is no text is refused.
 */
public final class TextFile {

    private static final int LOOKED_AT = 4096;

    private TextFile() {}

    public static Result<String> text(byte[] bytes, String name) {
        if (bytes.length == 0) {
            return Result.refused(name + " is empty.");
        }
        String text = decoded(bytes);
        long odd = text.chars().limit(LOOKED_AT).filter(c -> c < ' ' && c != '\t' && c != '\n' && c != '\r' && c != '\f').count();
        return odd * 50 > Math.min(LOOKED_AT, text.length())
                ? Result.refused(name + " is not a text. Save it as CSV, .xlsx or .ods and open that.") : Result.done(text);
    }

    private static String decoded(byte[] bytes) {
        if (startsWith(bytes, 0xFF, 0xFE)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (startsWith(bytes, 0xFE, 0xFF)) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        int evenNoughts = 0;
        int oddNoughts = 0;
        int looked = Math.min(LOOKED_AT, bytes.length);
        for (int i = 0; i < looked; i++) {
            if (bytes[i] == 0) {
                evenNoughts += i % 2 == 0 ? 1 : 0;
                oddNoughts += i % 2;
            }
        }
        // Latin letters and digits in UTF-16 have a nought as every second byte, and none as the others.
        if (oddNoughts * 5 > looked && evenNoughts == 0) {
            return new String(bytes, StandardCharsets.UTF_16LE);
        }
        if (evenNoughts * 5 > looked && oddNoughts == 0) {
            return new String(bytes, StandardCharsets.UTF_16BE);
        }
        // Many times as fast as being strict; what it puts in the place of bytes that mean nothing may also stand in the text
        // itself.
        String lenient = new String(bytes, StandardCharsets.UTF_8);
        if (lenient.indexOf('\ufffd') < 0) {
            return lenient;
        }
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    private static boolean startsWith(byte[] bytes, int first, int second) {
        return bytes.length >= 2 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
    }
}
