package hestra.desktop.mark;

import java.util.Optional;

import hestra.marking.AnswerGroup;
import hestra.marking.Student;

/**
 * What is in hand while a class is marked.
 *
 * @param tab what is looked at
 * @param task the id of the task in hand
 * @param group which answers to it are in hand, see {@link #idOf}; nothing for the first
 * @param student the key of the student in hand; nothing for the first in the group
 * @param nameless whether names are hidden, so that nobody is marked by their name
 */
record MarkState(Tab tab, Optional<String> task, Optional<String> group, Optional<String> student, boolean nameless) {

    /** What is looked at. */
    enum Tab {
        TASKS("by task"),
        STUDENTS("by student"),
        CLASS("class");

        private final String words;

        Tab(String words) {
            this.words = words;
        }

        String inWords() {
            return words;
        }
    }

    static final MarkState FIRST = new MarkState(Tab.TASKS, Optional.empty(), Optional.empty(), Optional.empty(), false);

    /** What tells a group of answers from the others, also where one was taken out of another. */
    static String idOf(AnswerGroup group) {
        return group.apart() ? "one " + group.students().getFirst().key() : "all " + group.group();
    }

    MarkState at(Tab other) {
        return new MarkState(other, task, group, student, nameless);
    }

    MarkState atTask(String id) {
        return new MarkState(tab, Optional.of(id), Optional.empty(), Optional.empty(), nameless);
    }

    MarkState at(AnswerGroup other) {
        return new MarkState(tab, task, Optional.of(idOf(other)), Optional.of(other.students().getFirst().key()), nameless);
    }

    MarkState at(Student other) {
        return new MarkState(tab, task, group, Optional.of(other.key()), nameless);
    }

    MarkState withNames(boolean shown) {
        return new MarkState(tab, task, group, student, !shown);
    }
}
