package hestra.desk;

import java.util.Set;

import hestra.exercise.Exercise;

/** What a study is called that nobody has named: by the columns that are drawn, such as "height on depth". */
public final class StudyName {

    /** The name of a study whose columns have no names either. */
    public static final String UNTITLED = "Your data";

    private static final Set<String> NO_NAMES = Set.of("", "x", "y");
    private static final int LONGEST = 90;

    private StudyName() {}

    /** The name by its columns. */
    public static String of(PartWork work) {
        String x = work.table().variable(work.drawnRoles().explanatory()).name();
        String y = work.table().variable(work.drawnRoles().response()).name();
        String name = y + " on " + x;
        return isNone(x) || isNone(y) || name.length() > LONGEST ? UNTITLED : name;
    }

    private static boolean isNone(String column) {
        return NO_NAMES.contains(column) || column.matches("column \\d+");
    }

    /** The same desk, with a study on it named by its columns where it had no name. */
    static Desk given(Desk desk) {
        Exercise study = desk.exercise();
        return study.isStudy() && study.title().equals(UNTITLED) && study.heading().isBlank()
                ? desk.with(study.withTexts(of(desk.work().part(study.first())), study.place(), study.heading())) : desk;
    }
}
