package hestra.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

import hestra.data.Cell;
import hestra.data.Variable;
import hestra.documents.table.DelimitedText.Block;
import hestra.numbers.DecimalMark;

/** Which of the pasted columns go into a table that has its columns already, and in which order. */
final class PastedColumns {

    private PastedColumns() {}

    /**
     * Columns of a block for a number of places: those whose headings name the variables; else all where they fit; else the
     * first ones that hold numbers; else the first ones.
     *
     * @param variables the variables of the places, in order
     */
    static List<Integer> wanted(List<Variable> variables, Block block) {
        List<Integer> named = named(variables, block);
        if (!named.contains(-1)) {
            return named;
        }
        List<Integer> all = IntStream.range(0, block.width()).boxed().toList();
        if (all.size() <= variables.size()) {
            return all;
        }
        List<Integer> numbers = all.stream().filter(column -> isOfNumbers(block, column)).toList();
        return (numbers.size() >= variables.size() ? numbers : all).subList(0, variables.size());
    }

    private static List<Integer> named(List<Variable> variables, Block block) {
        List<Integer> order = new ArrayList<>();
        for (Variable variable : variables) {
            order.add(block.headings().map(headings -> headings.stream()
                    .map(heading -> Variable.fromHeading(heading).name().toLowerCase(Locale.ROOT)).toList()
                    .indexOf(variable.name().toLowerCase(Locale.ROOT))).orElse(-1));
        }
        return order;
    }

    private static boolean isOfNumbers(Block block, int column) {
        long filled = block.rows().stream().filter(row -> column < row.size() && !row.get(column).isBlank()).count();
        long numbers = block.rows().stream().filter(row -> column < row.size()
                && (isNumber(row.get(column), DecimalMark.POINT) || isNumber(row.get(column), DecimalMark.COMMA))).count();
        return numbers * 2 > filled;
    }

    private static boolean isNumber(String text, DecimalMark mark) {
        return Cell.of(text, mark) instanceof Cell.Measured;
    }
}
