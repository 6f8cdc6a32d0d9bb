package hestra.desktop.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import hestra.data.Cell;
import hestra.data.DataTable;
import hestra.data.Roles;
import hestra.data.Row;
import hestra.data.TableEdit;
import hestra.data.Variable;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.OwnSheet;
import hestra.desk.PlotEdit;
import hestra.desk.SheetEdit;
import hestra.desk.WorkEdit;
import hestra.exercise.Exercise;
import hestra.figure.Layer;
import hestra.numbers.DecimalMark;
import hestra.task.Keepable;

/** A study of made-up data: the heights of reeds at two shores of Orrin Bay. */
public final class ReedHeights {

    private static final double[][] DEPTH_AND_HEIGHT = {{12, 52}, {14, 84}, {15, 64}, {17, 50}, {17, 88}, {20, 74}, {23, 64},
            {26, 67}, {28, 75}, {31, 75}, {34, 72}, {36, 86}, {39, 85}, {42, 91}, {44, 92},
        {47, 92}, {50, 105}, {52, 96}, {55, 108}, {58, 106}};
    /** The rows in the shade of the boat house, from 0. */
    private static final List<Integer> SHADED = List.of(1, 4);
    private static final OwnSheet.Spot END = OwnSheet.Spot.before(OwnSheet.MOST);

    private ReedHeights() {}

    /** The study with a report begun on its sheet. */
    public static Desk study() {
        Desk desk = Desk.open(Exercise.study("orrin-bay-reed-heights", "Reed heights, two shores", DecimalMark.POINT)
                .withTexts("Reed heights, two shores", "", "Do reeds stand taller in deep water?"));
        for (Edit edit : edits()) {
            desk = desk.apply(edit);
        }
        return desk;
    }

    private static List<Edit> edits() {
        return List.of(new WorkEdit.BringColumns(data(), Roles.FIRST_EXPLAINS.with(2, Roles.Use.NOTHING)),
                write("Ansel and I measured reeds at both shores in August. The depth was read off a staff, the height from "
                        + "the water line."),
                new PlotEdit.ShowLayer(Layer.LINE, false), new PlotEdit.ShowLayer(Layer.RESIDUALS, false),
                        new SheetEdit.Keep(END, Keepable.FIGURE, false),
                new SheetEdit.Caption("note-2", "Without a line: rising, a little curved?", Optional.empty()),
                write("The points rise. Two shallow places stand apart; both were in the shade of the boat house, so I set "
                        + "them aside."),
                new WorkEdit.ChangeTable(new TableEdit.SetAside(SHADED, "in the shade of the boat house")),
                        new PlotEdit.ShowLayer(Layer.LINE, true), new PlotEdit.ShowLayer(Layer.RESIDUALS, true),
                new SheetEdit.Keep(END, Keepable.FIGURE, true),
                        new SheetEdit.Caption("note-4", "The line without rows 2 and 5.", Optional.empty()),
                new SheetEdit.Keep(END, Keepable.EQUATION, false), new SheetEdit.Keep(END, Keepable.READINGS, false));
    }

    private static SheetEdit write(String text) {
        return new SheetEdit.Write(END, text, Optional.empty());
    }

    private static DataTable data() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < DEPTH_AND_HEIGHT.length; i++) {
            rows.add(Row.of(Cell.of(DEPTH_AND_HEIGHT[i][0], DecimalMark.POINT),
                    Cell.of(DEPTH_AND_HEIGHT[i][1], DecimalMark.POINT),
                    Cell.of(i % 3 == 1 ? "north" : "south", DecimalMark.POINT)));
        }
        return new DataTable(List.of(new Variable("depth", "water depth", "cm"), new Variable("height", "reed height", "cm"),
                Variable.named("shore")), rows);
    }
}
