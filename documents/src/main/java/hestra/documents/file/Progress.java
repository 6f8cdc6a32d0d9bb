package hestra.documents.file;

/** Is told how far long work has come, and says whether it is to go on. */
@FunctionalInterface
public interface Progress {

    /** Work that nobody watches and nobody stops. */
    Progress UNWATCHED = _ -> true;

    /** Told a share from 0 to 1; false where the work is to stop. */
    boolean goesOn(double share);

    /** Thrown where work was stopped. */
    final class Stopped extends RuntimeException {
        private static final long serialVersionUID = 1;

        Stopped() {
            super("stopped", null, false, false);
        }
    }

    /** Tells a share, and stops the work where that is wanted. */
    default void tell(double share) {
        if (!goesOn(share)) {
            throw new Stopped();
        }
    }
}
