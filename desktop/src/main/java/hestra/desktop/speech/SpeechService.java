package hestra.desktop.speech;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.Writer;
import java.net.UnixDomainSocketAddress;
import java.nio.channels.Channels;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A connection to the speech service of the desktop, which speaks the Speech Synthesis Independent Protocol (SSIP, the open
 * protocol of speech-dispatcher) over a socket of its user. A command is a line; the answer is lines that begin with a number of
 * three digits, of which the last has a space behind it and is from 200 to 299 where it was done.
 */
final class SpeechService implements Closeable {

    private static final String END = "\r\n";
    private static final String UNIX = "unix_socket:";

    private final SocketChannel channel;
    private final BufferedReader answers;
    private final Writer commands;

    private SpeechService(SocketChannel channel) {
        this.channel = channel;
        this.answers = new BufferedReader(Channels.newReader(channel, StandardCharsets.UTF_8));
        this.commands = Channels.newWriter(channel, StandardCharsets.UTF_8);
    }

    /** Where the service of this user listens; nothing where none is there. */
    static Optional<Path> socket() {
        String named = System.getenv("SPEECHD_ADDRESS");
        String run = System.getenv("XDG_RUNTIME_DIR");
        Stream<String> places = Stream.concat(
                Stream.ofNullable(named).filter(it -> it.startsWith(UNIX)).map(it -> it.substring(UNIX.length())),
                Stream.ofNullable(run).map(it -> it + "/speech-dispatcher/speechd.sock"));
        return places.filter(it -> !it.isBlank()).map(Path::of).filter(Files::exists).findFirst();
    }

    /**
     * Connects to a service.
     *
     * @throws IOException where nobody listens there, or what listens is no such service
     */
    static SpeechService connect(Path socket) throws IOException {
        SocketChannel channel = SocketChannel.open(UnixDomainSocketAddress.of(socket));
        SpeechService service = new SpeechService(channel);
        try {
            service.command("SET SELF CLIENT_NAME user:hestra:main");
            service.command("SET SELF PUNCTUATION some");
            return service;
        } catch (IOException e) {
            channel.close();
            throw e;
        }
    }

    /** Speaks a text, after what is still being said. */
    void speak(String text) throws IOException {
        command("SPEAK");
        for (String line : text.strip().split("\\R")) {
            // A line of a dot alone would end the text: a dot at the beginning is doubled.
            commands.write((line.startsWith(".") ? "." : "") + line + END);
        }
        command(".");
    }

    /** Ends at once what is being said and what waits. */
    void hush() throws IOException {
        command("CANCEL SELF");
    }

    private void command(String line) throws IOException {
        commands.write(line + END);
        commands.flush();
        String answer = answers.readLine();
        while (answer != null && answer.length() > 3 && answer.charAt(3) == '-') {
            answer = answers.readLine();
        }
        if (answer == null || !answer.startsWith("2")) {
            throw new IOException("The speech service answered “" + answer + "” to " + line + ".");
        }
    }

    @Override
    public void close() throws IOException {
        try {
            command("QUIT");
        } finally {
            channel.close();
        }
    }
}
