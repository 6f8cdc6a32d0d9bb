package hestra.documents.page;

import java.util.HashMap;
import java.util.Map;

import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.render.Box;

/** Where the parts of a page stand that was laid out, and how high they are, in points: by what they are called. */
final class Measured {

    private final Map<String, double[]> places = new HashMap<>();

    private Measured() {}

    static Measured of(PdfBoxRenderer renderer) {
        Measured measured = new Measured();
        measured.look(renderer.getRootBox(), renderer.getDotsPerPoint());
        return measured;
    }

    private void look(Box box, double dots) {
        if (box.getElement() != null && !box.getElement().getAttribute("id").isEmpty()) {
            places.putIfAbsent(box.getElement().getAttribute("id"), new double[] {box.getAbsY() / dots, box.getHeight() / dots});
        }
        for (int i = 0; i < box.getChildCount(); i++) {
            look(box.getChild(i), dots);
        }
    }

    /** Where its upper edge is. */
    double top(String name) {
        return places.get(name)[0];
    }

    double height(String name) {
        return places.get(name)[1];
    }

    /** From its upper edge to that of the next; to its own lower edge where there is none. */
    double extent(String name, String next) {
        return next.isEmpty() ? height(name) : top(next) - top(name);
    }
}
