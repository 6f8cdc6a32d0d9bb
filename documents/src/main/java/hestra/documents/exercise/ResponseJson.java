package hestra.documents.exercise;

import java.util.List;

import hestra.feedback.Mistake;
import hestra.task.Response;

/** What is said to an answer, as one line of JSON. */
public final class ResponseJson {

    private ResponseJson() {}

    private record Line(String answer, String outcome, double marks, int of, List<String> mistakes, String message,
            List<String> missing) {}

    /** The line, without its end. */
    public static String line(Response response) {
        return Json.line(new Line(response.answer(), response.outcome(), response.marks(), response.of(), response.mistakes()
                .stream().map(Mistake::id).toList(), response.message(), response.missing()));
    }
}
