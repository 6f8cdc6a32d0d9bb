package hestra.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

import com.sun.source.tree.AssignmentTree;
import com.sun.source.tree.BlockTree;
import com.sun.source.tree.CaseTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.CompoundAssignmentTree;
import com.sun.source.tree.ConditionalExpressionTree;
import com.sun.source.tree.DoWhileLoopTree;
import com.sun.source.tree.EnhancedForLoopTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.ForLoopTree;
import com.sun.source.tree.IdentifierTree;
import com.sun.source.tree.IfTree;
import com.sun.source.tree.ImportTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.StatementTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.UnaryTree;
import com.sun.source.tree.WhileLoopTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * The few rules of form that a reader feels, held over every source of every module. Lines are broken by meaning, which no rule
 * can hold: the older packages show how.
 */
@Execution(ExecutionMode.CONCURRENT)
class FormTest {

    private static final int WIDEST = 130;
    private static final Pattern NO_NAME = Pattern.compile("[^A-Za-z0-9_$]+");

    /** The names of a file's rules that are broken in a source, a line each. */
    private static List<String> broken(String name, String text) {
        JavacTask task = (JavacTask) ToolProvider.getSystemJavaCompiler().getTask(null, null, null,
                List.of("--release", "25", "-proc:none"), null, List.of(new Source(name, text)));
        return broken(task);
    }

    private static List<String> broken(JavacTask task) {
        List<String> all = new ArrayList<>();
        try {
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            for (CompilationUnitTree unit : task.parse()) {
                String text = unit.getSourceFile().getCharContent(true).toString();
                Rules rules = new Rules(unit, positions, all);
                rules.lines(text);
                rules.imports(text);
                rules.scan(unit, null);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }

    @Test
    void everySourceKeepsThem() throws IOException {
        Path root = Path.of("").toAbsolutePath();
        while (!Files.exists(root.resolve("hestra"))) {
            root = root.getParent();
        }
        List<Path> sources = new ArrayList<>();
        try (Stream<Path> files = Files.walk(root)) {
            files.filter(it -> it.toString().endsWith(".java") && !it.toString().contains("target")).forEach(sources::add);
        }
        assertThat(sources.size()).as("the sources are found").isGreaterThan(800);
        try (StandardJavaFileManager files = ToolProvider.getSystemJavaCompiler().getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask) ToolProvider.getSystemJavaCompiler().getTask(null, files, null,
                    List.of("--release", "25", "-proc:none"), null, files.getJavaFileObjectsFromPaths(sources));
            assertThat(broken(task)).isEmpty();
        }
    }

    private static List<String> inBody(String body) {
        return broken("A", "class A {\n    void a(int x, boolean b) {\n" + body + "\n    }\n}\n").stream()
                .map(it -> it.replaceFirst("^[^ ]* ", "")).toList();
    }

    @Test
    void eachIsSeenWhereItIsBroken() {
        assertThat(inBody("        int y = " + "1 + ".repeat(30) + "1;")).containsExactly("is wider than 130 letters");
        assertThat(inBody("        a(1, b); a(2, b);")).containsExactly("holds two statements");
        assertThat(inBody("        if (b) a(1, b);")).containsExactly("has no braces");
        assertThat(inBody("        while (b) a(1, b);")).containsExactly("has no braces");
        assertThat(inBody("        for (int i = 0; i < x; i++) {\n            i++;\n        }"))
                .containsExactly("changes what the loop counts by");
        assertThat(inBody("        int y = b ? x > 2 ? 1 : 2 : 3;"))
                .containsExactly("has a conditional in the condition or the first part of another: give it a name");
        assertThat(inBody("        int y = (b ? x > 2 : x > 3) ? 1 : 2;"))
                .containsExactly("has a conditional in the condition or the first part of another: give it a name");
        assertThat(broken("A", "import java.util.List;\nclass A {}\n"))
                .containsExactly("A.java:1 imports List, which nothing uses");
        assertThat(broken("A", "class A {}\nclass B {}\n")).containsExactly("A.java:1 has more than one class");
    }

    @Test
    void whatIsWrittenWellIsLeftAlone() {
        assertThat(inBody("""
                        int y = b ? 1
                                : x > 2 ? 2 : 3;
                        if (b) {
                            a(1, b);
                        } else if (x > 2) {
                            a(2, b);
                        }
                        for (int i = 0; i < x; i++) {
                            a(i, b);
                        }
                        Runnable run = () -> a(1, b);
                """)).isEmpty();
        assertThat(broken("A", "import java.util.List;\n/** {@link List} */\nclass A {}\n")).isEmpty();
    }

    /** A source that stands in a test. */
    private static final class Source extends SimpleJavaFileObject {

        private final String text;

        Source(String name, String text) {
            super(URI.create("string:///" + name + ".java"), JavaFileObject.Kind.SOURCE);
            this.text = text;
        }

        @Override
        public CharSequence getCharContent(boolean ignoreEncodingErrors) {
            return text;
        }
    }

    /** What is looked for in one source. */
    private static final class Rules extends TreeScanner<Void, Void> {

        private final CompilationUnitTree unit;
        private final SourcePositions positions;
        private final List<String> all;

        Rules(CompilationUnitTree unit, SourcePositions positions, List<String> all) {
            this.unit = unit;
            this.positions = positions;
            this.all = all;
        }

        private void add(long line, String what) {
            all.add(Path.of(unit.getSourceFile().getName()).getFileName() + ":" + line + " " + what);
        }

        private void add(Tree tree, String what) {
            add(lineOf(positions.getStartPosition(unit, tree)), what);
        }

        private long lineOf(long position) {
            return unit.getLineMap().getLineNumber(position);
        }

        void lines(String text) {
            List<String> lines = text.lines().toList();
            for (int i = 0; i < lines.size(); i++) {
                if (lines.get(i).length() > WIDEST && !lines.get(i).startsWith("import ")) {
                    add(i + 1, "is wider than " + WIDEST + " letters");
                }
            }
            if (unit.getTypeDecls().size() > 1) {
                add(1, "has more than one class");
            }
        }

        /** A name that stands in a comment is used too: a reader goes on from there. */
        void imports(String text) {
            Set<String> rest = text.lines().filter(it -> !it.startsWith("import ")).flatMap(NO_NAME::splitAsStream)
                    .collect(Collectors.toSet());
            for (ImportTree line : unit.getImports()) {
                String whole = line.getQualifiedIdentifier().toString();
                String name = whole.substring(whole.lastIndexOf('.') + 1);
                if (!name.equals("*") && !rest.contains(name)) {
                    add(line, "imports " + name + ", which nothing uses");
                }
            }
        }

        private void statements(List<? extends StatementTree> statements) {
            for (int i = 1; i < statements.size(); i++) {
                long end = positions.getEndPosition(unit, statements.get(i - 1));
                long start = positions.getStartPosition(unit, statements.get(i));
                // Several names behind one type share its place.
                if (end <= start && lineOf(start) == lineOf(end - 1)) {
                    add(statements.get(i), "holds two statements");
                }
            }
        }

        private void braces(Tree statement, StatementTree inner) {
            if (!(inner instanceof BlockTree)) {
                add(statement, "has no braces");
            }
        }

        @Override
        public Void visitBlock(BlockTree tree, Void none) {
            statements(tree.getStatements());
            return super.visitBlock(tree, none);
        }

        @Override
        public Void visitCase(CaseTree tree, Void none) {
            if (tree.getStatements() != null) {
                statements(tree.getStatements());
            }
            return super.visitCase(tree, none);
        }

        @Override
        public Void visitIf(IfTree tree, Void none) {
            braces(tree, tree.getThenStatement());
            if (tree.getElseStatement() != null && !(tree.getElseStatement() instanceof IfTree)) {
                braces(tree, tree.getElseStatement());
            }
            return super.visitIf(tree, none);
        }

        @Override
        public Void visitWhileLoop(WhileLoopTree tree, Void none) {
            braces(tree, tree.getStatement());
            return super.visitWhileLoop(tree, none);
        }

        @Override
        public Void visitDoWhileLoop(DoWhileLoopTree tree, Void none) {
            braces(tree, tree.getStatement());
            return super.visitDoWhileLoop(tree, none);
        }

        @Override
        public Void visitEnhancedForLoop(EnhancedForLoopTree tree, Void none) {
            braces(tree, tree.getStatement());
            return super.visitEnhancedForLoop(tree, none);
        }

        @Override
        public Void visitForLoop(ForLoopTree tree, Void none) {
            braces(tree, tree.getStatement());
            Set<String> counted = new HashSet<>();
            new Changes(it -> counted.add(it.getName().toString())).scan(tree.getUpdate(), null);
            new Changes(it -> {
                if (counted.contains(it.getName().toString())) {
                    add(it, "changes what the loop counts by");
                }
            }).scan(tree.getStatement(), null);
            return super.visitForLoop(tree, none);
        }

        /** It may go on in its last part, as a list of cases does; in its first parts it is read twice. */
        @Override
        public Void visitConditionalExpression(ConditionalExpressionTree tree, Void none) {
            if (isConditional(tree.getCondition()) || isConditional(tree.getTrueExpression())) {
                add(tree, "has a conditional in the condition or the first part of another: give it a name");
            }
            return super.visitConditionalExpression(tree, none);
        }

        private static boolean isConditional(ExpressionTree tree) {
            ExpressionTree inner = tree;
            while (inner instanceof ParenthesizedTree it) {
                inner = it.getExpression();
            }
            return inner instanceof ConditionalExpressionTree;
        }
    }

    /** Tells the names that are given another value. */
    private static final class Changes extends TreeScanner<Void, Void> {

        private final Consumer<IdentifierTree> changed;

        Changes(Consumer<IdentifierTree> changed) {
            this.changed = changed;
        }

        private void changed(ExpressionTree what) {
            if (what instanceof IdentifierTree it) {
                changed.accept(it);
            }
        }

        @Override
        public Void visitAssignment(AssignmentTree tree, Void none) {
            changed(tree.getVariable());
            return super.visitAssignment(tree, none);
        }

        @Override
        public Void visitCompoundAssignment(CompoundAssignmentTree tree, Void none) {
            changed(tree.getVariable());
            return super.visitCompoundAssignment(tree, none);
        }

        @Override
        public Void visitUnary(UnaryTree tree, Void none) {
            if (tree.getKind().name().endsWith("CREMENT")) {
                changed(tree.getExpression());
            }
            return super.visitUnary(tree, none);
        }
    }
}
