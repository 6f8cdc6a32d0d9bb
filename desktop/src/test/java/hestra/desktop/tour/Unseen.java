package hestra.desktop.tour;

import java.io.IOException;

import hestra.desktop.Main;
import hestra.desktop.UnseenScreen;

/** The program as it starts, but that its windows are not painted where nobody sees them: pictures are all the same. */
final class Unseen {

    private Unseen() {}

    public static void main(String[] arguments) throws IOException {
        UnseenScreen.start();
        Main.main(arguments);
    }
}
