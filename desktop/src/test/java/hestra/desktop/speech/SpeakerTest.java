package hestra.desktop.speech;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Writer;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.channels.Channels;
import java.nio.channels.ServerSocketChannel;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

/** What is said goes to the desktop's speech service by its protocol; without one nothing is said and nothing fails. */
class SpeakerTest {

    @TempDir
    private static Path folder;

    private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    private Path socket;
    private ServerSocketChannel server;

    /** Stands in for the service: takes commands, and texts up to a line with a dot alone. */
    @BeforeEach
    void listen() throws IOException {
        socket = Files.createTempFile(folder, "s", "");
        Files.delete(socket);
        server = ServerSocketChannel.open(StandardProtocolFamily.UNIX);
        server.bind(UnixDomainSocketAddress.of(socket));
        Thread.ofVirtual().start(() -> {
            while (true) {
                try (SocketChannel one = server.accept()) {
                    serve(one);
                } catch (IOException e) {
                    return;
                }
            }
        });
    }

    private void serve(SocketChannel one) throws IOException {
        BufferedReader in = new BufferedReader(Channels.newReader(one, StandardCharsets.UTF_8));
        Writer out = Channels.newWriter(one, StandardCharsets.UTF_8);
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            if (line.equals("SPEAK")) {
                answer(out, "230 OK RECEIVING DATA");
                StringBuilder text = new StringBuilder();
                for (String said = in.readLine(); !said.equals("."); said = in.readLine()) {
                    text.append(text.isEmpty() ? "" : "\n").append(said.startsWith("..") ? said.substring(1) : said);
                }
                heard.add(text.toString());
                answer(out, "225-21\r\n225 OK MESSAGE QUEUED");
            } else {
                heard.add(line);
                answer(out, line.startsWith("SET") ? "208 OK" : "210 OK");
            }
        }
    }

    private static void answer(Writer out, String text) throws IOException {
        out.write(text + "\r\n");
        out.flush();
    }

    @AfterEach
    void close() throws IOException {
        server.close();
    }

    @Test
    void whatIsSaidIsSpokenAndWhatIsUrgentEndsWhatIsBeingSaid() throws InterruptedException {
        try (Speaker speaker = new Speaker(() -> Optional.of(socket))) {
            speaker.say("Task 2: right.", false);
            speaker.say("Check, button\n.5 is a number\n.", true);
            assertThat(heard.take()).isEqualTo("SET SELF CLIENT_NAME user:hestra:main");
            assertThat(heard.take()).startsWith("SET SELF PUNCTUATION");
            assertThat(heard.take()).isEqualTo("Task 2: right.");
            assertThat(heard.take()).isEqualTo("CANCEL SELF");
            assertThat(heard.take()).as("a dot ends no text").isEqualTo("Check, button\n.5 is a number\n.");
        }
        assertThat(heard.take()).isEqualTo("QUIT");
    }

    @Test
    void aServiceThatCameBackIsSpokenThroughAgain() throws InterruptedException {
        AtomicInteger asked = new AtomicInteger();
        Path nowhere = folder.resolve("nothing");
        try (Speaker speaker = new Speaker(() -> Optional.of(asked.getAndIncrement() == 0 ? nowhere : socket))) {
            speaker.say("to nobody", false);
            speaker.say("", false);
            speaker.say("heard", false);
            String last = heard.take();
            while (last.startsWith("SET")) {
                last = heard.take();
            }
            assertThat(last).isEqualTo("heard");
        }
    }

    @Test
    void withoutAServiceNothingIsSaid() {
        try (Speaker speaker = new Speaker(Optional::empty)) {
            speaker.say("to nobody", true);
            speaker.hush();
        }
        assertThat(heard).isEmpty();
    }
}
