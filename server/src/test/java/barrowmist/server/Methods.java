package barrowmist.server;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/** How long methods are, by the compiler's own reading of them. */
final class Methods {

    /** @param lines between its braces, blank ones left out */
    record Method(String file, String name, long lines) {
        @Override
        public String toString() {
            return file + " " + name + ", " + lines + " lines";
        }
    }

    private Methods() {}

    /** Every method with a body in these files. */
    static List<Method> of(List<Path> files) {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask)
                    compiler.getTask(null, manager, null, null, null, manager.getJavaFileObjectsFromPaths(files));
            Iterable<? extends CompilationUnitTree> units = task.parse();
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            List<Method> methods = new ArrayList<>();
            units.forEach(unit -> new Reader(unit, positions, methods).scan(unit, null));
            return methods;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static final class Reader extends TreeScanner<Void, Void> {
        private final CompilationUnitTree unit;
        private final SourcePositions positions;
        private final List<Method> into;

        private Reader(CompilationUnitTree unit, SourcePositions positions, List<Method> into) {
            this.unit = unit;
            this.positions = positions;
            this.into = into;
        }

        @Override
        public Void visitMethod(MethodTree method, Void nothing) {
            if (method.getBody() != null) {
                into.add(new Method(
                        Path.of(unit.getSourceFile().getName()).getFileName().toString(),
                        method.getName().toString(),
                        lines(method)));
            }
            return super.visitMethod(method, nothing);
        }

        private long lines(MethodTree method) {
            int from = (int) positions.getStartPosition(unit, method.getBody()) + 1;
            int to = (int) positions.getEndPosition(unit, method.getBody()) - 1;
            if (to <= from) {
                return 0;
            }
            try {
                return unit.getSourceFile()
                        .getCharContent(true)
                        .subSequence(from, to)
                        .toString()
                        .lines()
                        .filter(line -> !line.isBlank())
                        .count();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
