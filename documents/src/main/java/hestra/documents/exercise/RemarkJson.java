package hestra.documents.exercise;

import java.util.Optional;

import hestra.review.Remark;

/** What there is to look at in an exercise as a line of JSON: {@code {"sort","part","task","message","mend"}}. */
public final class RemarkJson {

    private record Line(String sort, Optional<String> part, Optional<String> task, String message, Optional<String> mend) {}

    private RemarkJson() {}

    public static String line(Remark remark) {
        return Json.line(new Line(Json.nameOf(remark.sort()), remark.part(), remark.task(), remark.message(),
                remark.mend().map(Remark.Mend::words)));
    }
}
