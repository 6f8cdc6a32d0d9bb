package hestra.documents.page;

import java.util.regex.Matcher;

import hestra.documents.picture.FigureImage;
import hestra.documents.picture.Palette;
import hestra.figure.Layout;
import hestra.fit.Equation;

/** A page as one HTML file that stands by itself: figures as vectors, equations in MathML, the typefaces in it. */
public final class HtmlPage {

    private static final double WIDTH = 760;

    private HtmlPage() {}

    /** The page as HTML. */
    public static String of(Page page) {
        PageTemplate template = new PageTemplate(new Vectors());
        // In a dark browser it is dark, but for its figures, which stand on white; on paper it is as it is.
        String style = PageTemplate.resource("page.css") + PageTemplate.resource("dark.css");
        String bare = template.fill(page, "", style);
        return bare.replaceFirst("<style>\n", "<style>\n" + Matcher.quoteReplacement(Typefaces.embedded(bare)));
    }

    private static final class Vectors implements PageTemplate.Drawings {
        private int count;

        @Override
        public String plot(Piece.Plot plot, double share) {
            count++;
            double width = WIDTH * share;
            return FigureImage.svg(plot.drawing().at(new Layout(width, width * plot.ratio(), 1)), Palette.LIGHT,
                    plot.alternative(), count);
        }

        @Override
        public String equation(Equation equation, double room) {
            return MathMl.of(equation);
        }
    }
}
