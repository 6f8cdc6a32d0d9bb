package hestra.packages;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.spi.ToolProvider;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/**
 * Makes the image: a folder that runs on a machine without Java. It holds a runtime of the modules that the program needs,
 * JavaFX among them with its native parts beside the others, the program's jars, a launcher, and the classes that a start needs,
 * recorded with this very runtime.
 *
 * <p>JavaFX is linked into the runtime rather than laid beside it: then it needs not unpack its native parts into anyone's home,
 * and the recorded classes hold wherever the image is put, since only the jars' places among themselves count.
 */
public final class Image {

    private static final System.Logger LOG = System.getLogger("hestra.packages");
    /** What the program and its libraries use of Java, found by jdeps over each jar. */
    private static final List<String> MODULES = List.of("java.base", "java.desktop", "java.logging", "java.management",
            "java.naming", "java.sql", "java.xml", "jdk.charsets", "jdk.crypto.ec", "jdk.unsupported", "jdk.xml.dom", "jdk.zipfs",
            "javafx.controls");
    private static final String NAME = "hestra";
    private static final String MAIN = "hestra.desktop.Main";
    /** For every start; see the script {@code hestra} of the sources, which says why. */
    private static final List<String> FLAGS = List.of("--enable-native-access=javafx.graphics",
            "--sun-misc-unsafe-memory-access=allow", "-XX:+UseSerialGC", "-XX:-UsePerfData", "-XX:TieredStopAtLevel=1",
            "-XX:ReservedCodeCacheSize=240m", "-Dprism.dirtyregioncount=15", "-Dfile.encoding=UTF-8", "-Xlog:aot=off",
            "-Xlog:aot*=off", "-Xlog:cds=off", "-Xlog:cds*=off");
    private static final List<String> UNSEEN = List.of("-Dglass.platform=Headless", "-Dprism.order=sw",
            "-Dhestra.rehearsal=true");
    /** They lie beside the runtime's own, and need not be in it once more. */
    private static final String NATIVES = "/javafx.*/*.so,/javafx.*/*.dll,/javafx.*/*.dylib";
    private static final String RECORDED = "hestra.aot";
    private static final int PATIENCE = 300;

    private final Path jars;
    private final Path fx;
    private final Path parts;
    private final String version;
    private final Path icons;
    private final FileTime time;

    private Image(Path parts, String version, String time) {
        this.jars = parts.resolve("app");
        this.fx = parts.resolve("fx").resolve(platform());
        this.icons = parts.resolve("icons");
        this.parts = parts;
        this.version = version;
        this.time = FileTime.from(Instant.parse(time));
    }

    /**
     * Makes it.
     *
     * @param arguments the folder of the parts, the version (x.y.z), the time that all files are to bear
     */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        new Image(Path.of(arguments[0]), arguments[1], arguments[2]).make();
    }

    private void make() throws IOException, InterruptedException {
        LOG.log(System.Logger.Level.INFO, "Linking a runtime of " + MODULES.size() + " modules");
        Path runtime = parts.resolve("runtime");
        Path image = parts.resolve("image");
        remove(runtime);
        remove(image);
        run("jlink", List.of("--module-path", fx.toString(), "--add-modules", String.join(",", MODULES), "--strip-debug",
                "--no-header-files", "--no-man-pages", "--exclude-resources=" + NATIVES, "--output", runtime.toString()));
        natives(runtime);
        LOG.log(System.Logger.Level.INFO, "Packing the program");
        List<String> packing = new ArrayList<>(List.of("--type", "app-image", "--name", NAME, "--app-version", version, "--input",
                jars.toString(), "--main-jar", mainJar(), "--main-class", MAIN, "--runtime-image", runtime.toString(), "--dest",
                image.toString(), "--icon", icons.resolve(icon()).toString(), "--java-options",
                "-XX:AOTCache=$APPDIR/" + RECORDED));
        FLAGS.forEach(flag -> packing.addAll(List.of("--java-options", flag)));
        run("jpackage", packing);
        Path app = app(image);
        stamp(image);
        LOG.log(System.Logger.Level.INFO, "Recording the classes of a start; this takes half a minute");
        record(runtime(image), app);
        stamp(image);
        remove(runtime);
        LOG.log(System.Logger.Level.INFO, "The image is in " + image);
    }

    private static void run(String tool, List<String> arguments) throws IOException {
        ToolProvider provider = ToolProvider.findFirst(tool)
                .orElseThrow(() -> new IOException("This JDK has no " + tool + ". Install a full JDK of 25 or later."));
        if (provider.run(System.out, System.err, arguments.toArray(String[]::new)) != 0) {
            throw new IOException(tool + " could not do it; what it said stands above.");
        }
    }

    private String mainJar() throws IOException {
        try (Stream<Path> files = Files.list(jars)) {
            return files.map(it -> it.getFileName().toString()).filter(it -> it.startsWith("hestra-desktop")).findFirst()
                    .orElseThrow(() -> new IOException("no program in " + jars));
        }
    }

    /** As JavaFX's jars call this system. */
    private static String platform() {
        String system = isWindows() ? "win" : isMac() ? "mac" : "linux";
        return system + (System.getProperty("os.arch").equals("aarch64") ? "-aarch64" : "");
    }

    private static boolean isWindows() {
        return System.getProperty("os.name").startsWith("Windows");
    }

    private static boolean isMac() {
        return System.getProperty("os.name").startsWith("Mac");
    }

    private static String icon() {
        return isWindows() ? "hestra.ico" : isMac() ? "hestra.icns" : "512.png";
    }

    /** JavaFX's native parts, out of its jar and to the others of the runtime. */
    private void natives(Path runtime) throws IOException {
        Path to = runtime.resolve(isWindows() ? "bin" : "lib");
        try (Stream<Path> files = Files.list(fx)) {
            for (Path jar : files.toList()) {
                try (ZipFile zip = new ZipFile(jar.toFile())) {
                    for (ZipEntry entry : zip.stream().filter(Image::isNative).toList()) {
                        try (InputStream in = zip.getInputStream(entry)) {
                            Files.copy(in, to.resolve(Path.of(entry.getName()).getFileName().toString()));
                        }
                    }
                }
            }
        }
    }

    private static boolean isNative(ZipEntry entry) {
        String name = entry.getName().toLowerCase(Locale.ROOT);
        return name.endsWith(".so") || name.endsWith(".dll") || name.endsWith(".dylib");
    }

    private static Path root(Path image) {
        return isMac() ? image.resolve(NAME + ".app").resolve("Contents") : image.resolve(NAME);
    }

    private static Path app(Path image) {
        return isWindows() || isMac() ? root(image).resolve("app") : root(image).resolve("lib").resolve("app");
    }

    private static Path runtime(Path image) {
        return isWindows() ? root(image).resolve("runtime")
                : isMac() ? root(image).resolve("runtime").resolve("Contents").resolve("Home")
                : root(image).resolve("lib").resolve("runtime");
    }

    /** A start without a display and what people do first, recorded. The class path is the launcher's, in its order. */
    private static void record(Path runtime, Path app) throws IOException, InterruptedException {
        List<String> path = Files.readAllLines(app.resolve(NAME + ".cfg")).stream().filter(it -> it.startsWith("app.classpath="))
                .map(it -> it.substring("app.classpath=".length()).replace("$APPDIR", app.toString())).toList();
        Path cache = app.resolve(RECORDED);
        Path home = Files.createTempDirectory("hestra-recording");
        List<String> command = new ArrayList<>(List.of(
                runtime.resolve("bin").resolve(isWindows() ? "java.exe" : "java").toString(), "-XX:AOTCacheOutput=" + cache));
        command.addAll(FLAGS);
        command.addAll(UNSEEN);
        command.addAll(List.of("-cp", String.join(File.pathSeparator, path), MAIN, "demo"));
        ProcessBuilder start = new ProcessBuilder(command).redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.INHERIT);
        start.environment().put("HESTRA_HOME", home.toString());
        Process process = start.start();
        boolean ended = process.waitFor(PATIENCE, TimeUnit.SECONDS);
        process.destroyForcibly();
        remove(home);
        if (!ended || process.exitValue() != 0 || !Files.exists(cache)) {
            throw new IOException("The classes of a start could not be recorded; what was said stands above.");
        }
    }

    /** The same time for all: the recorded classes hold for jars of this time, and the same input gives the same bytes. */
    private void stamp(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.toList()) {
                Files.setLastModifiedTime(file, time);
            }
        }
    }

    private static void remove(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                file.toFile().setWritable(true);
                Files.delete(file);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path at, IOException failure) throws IOException {
                Files.delete(at);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
