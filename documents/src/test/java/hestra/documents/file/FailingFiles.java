package hestra.documents.file;

import java.io.IOException;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.MappedByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.ReadableByteChannel;
import java.nio.channels.SeekableByteChannel;
import java.nio.channels.WritableByteChannel;
import java.nio.file.AccessMode;
import java.nio.file.CopyOption;
import java.nio.file.DirectoryStream;
import java.nio.file.FileStore;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.LinkOption;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.nio.file.WatchEvent;
import java.nio.file.WatchKey;
import java.nio.file.WatchService;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.FileAttributeView;
import java.nio.file.attribute.UserPrincipalLookupService;
import java.nio.file.spi.FileSystemProvider;
import java.util.Iterator;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;

/**
 * The machine's own files, of which the n-th thing that is asked of them fails: reading and writing, looking whether one is
 * there, opening, moving, locking. Closing never fails.
 */
public final class FailingFiles {

    private final FileSystem real = FileSystems.getDefault();
    private final Provider provider = new Provider();
    private final Files files = new Files();
    private final IntPredicate fails;
    private int asked;
    private boolean failed;

    /**
     * Files that fail.
     *
     * @param fails which, counted from 1
     */
    public FailingFiles(IntPredicate fails) {
        this.fails = fails;
    }

    /** A path by which they are asked for. */
    public Path path(Path of) {
        return new Place(of);
    }

    /** Whether anything has failed so far. */
    public boolean haveFailed() {
        return failed;
    }

    private void ask() throws IOException {
        asked++;
        if (fails.test(asked)) {
            failed = true;
            throw new IOException("input or output error");
        }
    }

    private static Path bare(Path path) {
        return path instanceof Place place ? place.real : path;
    }

    private final class Place implements Path {
        private final Path real;

        private Place(Path real) {
            this.real = real;
        }

        private Path of(Path other) {
            return other == null ? null : new Place(other);
        }

        @Override
        public FileSystem getFileSystem() {
            return files;
        }

        @Override
        public boolean isAbsolute() {
            return real.isAbsolute();
        }

        @Override
        public Path getRoot() {
            return of(real.getRoot());
        }

        @Override
        public Path getFileName() {
            return of(real.getFileName());
        }

        @Override
        public Path getParent() {
            return of(real.getParent());
        }

        @Override
        public int getNameCount() {
            return real.getNameCount();
        }

        @Override
        public Path getName(int index) {
            return of(real.getName(index));
        }

        @Override
        public Path subpath(int from, int to) {
            return of(real.subpath(from, to));
        }

        @Override
        public boolean startsWith(Path other) {
            return real.startsWith(bare(other));
        }

        @Override
        public boolean endsWith(Path other) {
            return real.endsWith(bare(other));
        }

        @Override
        public Path normalize() {
            return of(real.normalize());
        }

        @Override
        public Path resolve(Path other) {
            return of(real.resolve(bare(other)));
        }

        @Override
        public Path relativize(Path other) {
            return of(real.relativize(bare(other)));
        }

        @Override
        public URI toUri() {
            return real.toUri();
        }

        @Override
        public Path toAbsolutePath() {
            return of(real.toAbsolutePath());
        }

        @Override
        public Path toRealPath(LinkOption... options) throws IOException {
            ask();
            return of(real.toRealPath(options));
        }

        @Override
        public WatchKey register(WatchService watcher, WatchEvent.Kind<?>[] events, WatchEvent.Modifier... modifiers) {
            throw new UnsupportedOperationException();
        }

        @Override
        public int compareTo(Path other) {
            return real.compareTo(bare(other));
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Place place && place.real.equals(real);
        }

        @Override
        public int hashCode() {
            return real.hashCode();
        }

        @Override
        public String toString() {
            return real.toString();
        }
    }

    private final class Files extends FileSystem {
        @Override
        public FileSystemProvider provider() {
            return provider;
        }

        @Override
        public void close() {
            throw new UnsupportedOperationException();
        }

        @Override
        public boolean isOpen() {
            return true;
        }

        @Override
        public boolean isReadOnly() {
            return false;
        }

        @Override
        public String getSeparator() {
            return real.getSeparator();
        }

        @Override
        public Iterable<Path> getRootDirectories() {
            return real.getRootDirectories();
        }

        @Override
        public Iterable<FileStore> getFileStores() {
            return real.getFileStores();
        }

        @Override
        public Set<String> supportedFileAttributeViews() {
            return real.supportedFileAttributeViews();
        }

        @Override
        public Path getPath(String first, String... more) {
            return new Place(real.getPath(first, more));
        }

        @Override
        public PathMatcher getPathMatcher(String pattern) {
            PathMatcher matcher = real.getPathMatcher(pattern);
            return path -> matcher.matches(bare(path));
        }

        @Override
        public UserPrincipalLookupService getUserPrincipalLookupService() {
            return real.getUserPrincipalLookupService();
        }

        @Override
        public WatchService newWatchService() {
            throw new UnsupportedOperationException();
        }
    }

    private final class Provider extends FileSystemProvider {
        private final FileSystemProvider its = real.provider();

        @Override
        public String getScheme() {
            return "failing";
        }

        @Override
        public FileSystem newFileSystem(URI uri, Map<String, ?> env) {
            throw new UnsupportedOperationException();
        }

        @Override
        public FileSystem getFileSystem(URI uri) {
            return files;
        }

        @Override
        public Path getPath(URI uri) {
            return new Place(Path.of(uri));
        }

        @Override
        public SeekableByteChannel newByteChannel(Path path, Set<? extends OpenOption> options, FileAttribute<?>... attributes)
                throws IOException {
            return newFileChannel(path, options, attributes);
        }

        @Override
        public FileChannel newFileChannel(Path path, Set<? extends OpenOption> options, FileAttribute<?>... attributes)
                throws IOException {
            ask();
            return new Channel(its.newFileChannel(bare(path), options, attributes));
        }

        @Override
        public DirectoryStream<Path> newDirectoryStream(Path path, DirectoryStream.Filter<? super Path> filter)
                throws IOException {
            ask();
            DirectoryStream<Path> stream = its.newDirectoryStream(bare(path), it -> filter.accept(new Place(it)));
            return new DirectoryStream<>() {
                @Override
                public Iterator<Path> iterator() {
                    Iterator<Path> all = stream.iterator();
                    return new Iterator<>() {
                        @Override
                        public boolean hasNext() {
                            return all.hasNext();
                        }

                        @Override
                        public Path next() {
                            return new Place(all.next());
                        }
                    };
                }

                @Override
                public void close() throws IOException {
                    stream.close();
                }
            };
        }

        @Override
        public void createDirectory(Path path, FileAttribute<?>... attributes) throws IOException {
            ask();
            its.createDirectory(bare(path), attributes);
        }

        @Override
        public void delete(Path path) throws IOException {
            ask();
            its.delete(bare(path));
        }

        @Override
        public void copy(Path from, Path to, CopyOption... options) throws IOException {
            ask();
            its.copy(bare(from), bare(to), options);
        }

        @Override
        public void move(Path from, Path to, CopyOption... options) throws IOException {
            ask();
            its.move(bare(from), bare(to), options);
        }

        @Override
        public boolean isSameFile(Path one, Path other) throws IOException {
            ask();
            return its.isSameFile(bare(one), bare(other));
        }

        @Override
        public boolean isHidden(Path path) throws IOException {
            ask();
            return its.isHidden(bare(path));
        }

        @Override
        public FileStore getFileStore(Path path) throws IOException {
            ask();
            return its.getFileStore(bare(path));
        }

        @Override
        public void checkAccess(Path path, AccessMode... modes) throws IOException {
            ask();
            its.checkAccess(bare(path), modes);
        }

        @Override
        public <V extends FileAttributeView> V getFileAttributeView(Path path, Class<V> type, LinkOption... options) {
            return its.getFileAttributeView(bare(path), type, options);
        }

        @Override
        public <A extends BasicFileAttributes> A readAttributes(Path path, Class<A> type, LinkOption... options)
                throws IOException {
            ask();
            return its.readAttributes(bare(path), type, options);
        }

        @Override
        public Map<String, Object> readAttributes(Path path, String attributes, LinkOption... options) throws IOException {
            ask();
            return its.readAttributes(bare(path), attributes, options);
        }

        @Override
        public void setAttribute(Path path, String attribute, Object value, LinkOption... options) throws IOException {
            ask();
            its.setAttribute(bare(path), attribute, value, options);
        }
    }

    /** What is written before a failure may be a part of what was to be. */
    private final class Channel extends FileChannel {
        private final FileChannel its;

        private Channel(FileChannel its) {
            this.its = its;
        }

        @Override
        public int read(ByteBuffer to) throws IOException {
            ask();
            return its.read(to);
        }

        @Override
        public long read(ByteBuffer[] to, int from, int count) throws IOException {
            ask();
            return its.read(to, from, count);
        }

        @Override
        public int read(ByteBuffer to, long at) throws IOException {
            ask();
            return its.read(to, at);
        }

        @Override
        public int write(ByteBuffer bytes) throws IOException {
            try {
                ask();
            } catch (IOException e) {
                ByteBuffer half = bytes.duplicate();
                half.limit(half.position() + half.remaining() / 2);
                its.write(half);
                throw e;
            }
            return its.write(bytes);
        }

        @Override
        public long write(ByteBuffer[] bytes, int from, int count) throws IOException {
            ask();
            return its.write(bytes, from, count);
        }

        @Override
        public int write(ByteBuffer bytes, long at) throws IOException {
            ask();
            return its.write(bytes, at);
        }

        @Override
        public long position() throws IOException {
            return its.position();
        }

        @Override
        public FileChannel position(long at) throws IOException {
            its.position(at);
            return this;
        }

        @Override
        public long size() throws IOException {
            ask();
            return its.size();
        }

        @Override
        public FileChannel truncate(long size) throws IOException {
            its.truncate(size);
            return this;
        }

        @Override
        public void force(boolean all) throws IOException {
            ask();
            its.force(all);
        }

        @Override
        public long transferTo(long at, long count, WritableByteChannel to) throws IOException {
            ask();
            return its.transferTo(at, count, to);
        }

        @Override
        public long transferFrom(ReadableByteChannel from, long at, long count) throws IOException {
            ask();
            return its.transferFrom(from, at, count);
        }

        @Override
        public MappedByteBuffer map(MapMode mode, long at, long size) throws IOException {
            ask();
            return its.map(mode, at, size);
        }

        @Override
        public FileLock lock(long at, long size, boolean shared) throws IOException {
            ask();
            return its.lock(at, size, shared);
        }

        @Override
        public FileLock tryLock(long at, long size, boolean shared) throws IOException {
            ask();
            return its.tryLock(at, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            its.close();
        }
    }
}
