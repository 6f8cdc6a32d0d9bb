package hestra.desktop;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.Configurator;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.ConsoleAppender;
import ch.qos.logback.core.spi.ContextAwareBase;
import org.slf4j.Logger;

/**
 * Sets the log up: warnings and worse to standard error. In code rather than XML, since reading XML at every start costs a
 * tenth of a second.
 */
public final class LogSetup extends ContextAwareBase implements Configurator {

    @Override
    public ExecutionStatus configure(LoggerContext log) {
        PatternLayoutEncoder encoder = new PatternLayoutEncoder();
        encoder.setContext(log);
        encoder.setPattern("%d{HH:mm:ss} %-5level %logger{24}: %msg%n%ex{4}");
        encoder.start();
        ConsoleAppender<ILoggingEvent> console = new ConsoleAppender<>();
        console.setContext(log);
        console.setTarget("System.err");
        console.setEncoder(encoder);
        console.start();
        log.getLogger(Logger.ROOT_LOGGER_NAME).addAppender(console);
        log.getLogger(Logger.ROOT_LOGGER_NAME).setLevel(Level.WARN);
        // What it says of files from strangers is said to the person who opened them, in words.
        log.getLogger("org.apache.poi").setLevel(Level.OFF);
        // That a machine lacks typefaces which no page uses is nothing to tell anybody.
        log.getLogger("org.apache.pdfbox").setLevel(Level.ERROR);
        return ExecutionStatus.DO_NOT_INVOKE_NEXT_IF_ANY;
    }
}
