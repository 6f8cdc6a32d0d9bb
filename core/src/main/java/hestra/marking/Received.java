package hestra.marking;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A file among the hand-ins of a class. */
public sealed interface Received {

    /** The file's name. */
    String file();

    /**
     * A hand-in of the exercise.
     *
     * @param modified when the file was written last, in seconds since 1970, UTC
     * @param marked what is in it
     * @param note what is to be said about it; may be empty
     * @param doubts what it claims of itself and cannot be, a sentence each: it takes no other's place until a marker says so
     */
    record HandedIn(String file, long modified, Marked marked, String note, List<String> doubts) implements Received {

        public HandedIn {
            doubts = List.copyOf(doubts);
        }

        /** One of which nothing is doubted. */
        public HandedIn(String file, long modified, Marked marked, String note) {
            this(file, modified, marked, note, List.of());
        }

        /** The same with more that is doubted, which its note says too. */
        public HandedIn doubting(List<String> more) {
            return new HandedIn(file, modified, marked, Stream.concat(Stream.of(note), more.stream()).filter(it -> !it.isEmpty())
                    .collect(Collectors.joining(" ")), Stream.concat(doubts.stream(), more.stream()).toList());
        }

        public boolean isDoubted() {
            return !doubts.isEmpty();
        }

        /** When it was handed in, by the student's clock; by that of the file where it does not say, or says what is doubted. */
        public long at() {
            return marked.script().pace().map(Pace::handedIn).filter(_ -> !isDoubted()).orElse(modified);
        }
    }

    /** A file that is not marked, and why: a sentence. */
    record Refused(String file, String why) implements Received {}
}
