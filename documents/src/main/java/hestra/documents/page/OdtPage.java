package hestra.documents.page;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import javax.imageio.ImageIO;

import hestra.documents.picture.EquationPicture;
import hestra.documents.picture.FigureImage;
import hestra.documents.picture.Palette;
import hestra.documents.picture.PlotSheet;
import hestra.figure.Figure;
import hestra.figure.Layout;
import hestra.fit.Equation;
import hestra.task.OnPaper;
import hestra.tracing.Picture;
import org.w3c.dom.Element;

/**
 * A page as an OpenDocument text, to be gone on with in a word processor: headings, lists and tables are what they say they are,
 * figures are pictures with their text.
 */
public final class OdtPage {

    private static final double WIDTH = 620;
    /** A point in centimetres. */
    private static final double POINT = 2.54 / 72;
    private static final String TEXT = OdtDocument.TEXT;
    private static final String TABLE = OdtDocument.TABLE;
    private static final String DRAW = OdtDocument.DRAW;
    private static final String SVG = OdtDocument.SVG;
    private static final String XLINK = OdtDocument.XLINK;

    private final OdtDocument document;
    private final OdtWriter writer;
    private final double textWidth;
    private int pictures;
    private int formulas;
    private int tables;

    private OdtPage(OdtDocument document, Paper paper) {
        this.document = document;
        this.writer = new OdtWriter(document.content(), document.body());
        this.textWidth = (paper.width() - 2 * Paper.MARGIN) / 10;
    }

    /** Writes the page for some paper. */
    public static void write(Page page, Paper paper, OutputStream out) throws IOException {
        OdtDocument document = new OdtDocument(page.title(), page.author());
        new OdtStyles(document).add(paper);
        OdtPage odt = new OdtPage(document, paper);
        odt.writer.heading(1, page.title());
        if (!page.byLine().isBlank()) {
            odt.writer.paragraph("Remark", page.byLine());
        }
        for (Piece piece : Slabs.flat(page.pieces()).toList()) {
            odt.add(piece);
        }
        document.save(out);
    }

    private void add(Piece piece) throws IOException {
        switch (piece) {
            case Piece.Heading(int level, String text) -> writer.heading(level, text);
            case Piece.Text(String markup) -> writer.prose(Prose.parse(markup), writer.body());
            case Piece.Plot plot -> captioned(plot.label(), plot.caption(),
                    () -> plot(plot, writer.body(), plot.share()));
            case Piece.Plots(List<Piece.Plot> plots, String label, String caption) ->
                    captioned(label, caption, () -> tiles(plots));
            case Piece.Image(Picture picture, String caption, String alternative) ->
                    captioned("", caption, () -> image(picture, alternative));
            case Piece.Table table -> table(table);
            case Piece.Set(Equation equation, String after) -> {
                equation(equation);
                if (!after.isBlank()) {
                    writer.paragraph("Remark", after);
                }
            }
            case Piece.Formula(String text) -> writer.paragraph("Formula", text);
            case Piece.Values(String title, List<Piece.Values.Value> values) -> {
                if (!title.isBlank()) {
                    writer.paragraph("Remark", title);
                }
                writer.paragraph("Standard", String.join("  ·  ", values.stream().map(value -> value.name() + " " + value.value())
                        .toList()));
            }
            case Piece.Answered answered -> answered(answered);
            case Piece.TaskHead(int number, String title, String terms, String prompt) -> {
                writer.heading(3, number + " \u00b7 " + title);
                if (!terms.isBlank()) {
                    writer.paragraph("Remark", terms);
                }
                writer.prose(Prose.parse(prompt), writer.body());
            }
            case Piece.Form(OnPaper form, boolean answered) -> form(new OdtForm(form, answered));
            case Piece.Beside(List<Piece.Table> columns, Optional<Piece.Plot> beside, String note) -> {
                columns.forEach(this::table);
                if (beside.isPresent()) {
                    plot(beside.get(), writer.body(), beside.get().share());
                }
                if (!note.isBlank()) {
                    writer.paragraph("Remark", note);
                }
            }
            case Piece.SideBySide(List<Piece> left, List<Piece> right, double _) -> {
                for (Piece side : Slabs.flat(List.of(new Piece.Together(left), new Piece.Together(right))).toList()) {
                    add(side);
                }
            }
            case Piece.Together _ -> throw new IllegalArgumentException("what stays together is written piece by piece");
            case Piece.Written(String text) -> writer.paragraph("Answer", text);
            case Piece.Remark(String text) -> writer.paragraph("Remark", text);
            case Piece.Comment(String text) -> writer.paragraph("Answer", text);
            case Piece.Room(String title) -> {
                writer.heading(2, title);
                writer.paragraph("Room", "");
            }
        }
    }

    private void form(OdtForm form) throws IOException {
        form.lines().forEach(line -> writer.paragraph("Standard", line));
        form.table().ifPresent(this::table);
        for (Piece.Plot plot : form.plots()) {
            plot(plot, writer.body(), plot.share());
            writer.paragraph("Remark", plot.caption());
        }
    }

    private void answered(Piece.Answered answered) {
        writer.heading(3, answered.number() + " · " + answered.title());
        writer.prose(Prose.parse(answered.prompt()), writer.body());
        answered.answer().forEach(line -> writer.paragraph("Answer", line));
        if (!answered.verdict().isBlank()) {
            writer.paragraph("Standard", answered.outcome().map(outcome -> outcome.sign() + " ").orElse("") + answered.verdict());
        }
        if (!answered.key().isBlank()) {
            writer.paragraph("Standard", "The answer: " + answered.key());
        }
        if (!answered.why().isBlank()) {
            writer.prose(Prose.parse(answered.why()), writer.body());
        }
        answered.comments().forEach(comment -> writer.paragraph("Answer", comment));
        if (!answered.marks().isBlank()) {
            writer.paragraph("Remark", answered.marks());
        }
    }

    /** What stands above its caption. */
    @FunctionalInterface
    private interface Content {
        void add() throws IOException;
    }

    private void captioned(String label, String caption, Content content) throws IOException {
        content.add();
        if (!label.isEmpty() || !caption.isBlank()) {
            caption(label, caption);
        }
    }

    /** The number is a field, which counts itself when the document is changed. */
    private void caption(String label, String caption) {
        Element paragraph = writer.paragraph("Caption", "");
        if (!label.isEmpty()) {
            int space = label.lastIndexOf(' ');
            String word = label.substring(0, space);
            document.count(word);
            writer.text(paragraph, word + " ");
            Element number = writer.element(TEXT, "text:sequence");
            number.setAttributeNS(TEXT, "text:name", word);
            number.setAttributeNS(TEXT, "text:ref-name", "ref" + word + label.substring(space + 1));
            number.setAttributeNS(TEXT, "text:formula", "ooow:" + word + "+1");
            number.setAttributeNS(OdtDocument.STYLE, "style:num-format", "1");
            number.setTextContent(label.substring(space + 1));
            paragraph.appendChild(number);
            writer.text(paragraph, ". " + caption);
        } else {
            paragraph.setTextContent(XmlText.clean(caption));
        }
    }

    private void plot(Piece.Plot plot, Element parent, double share) throws IOException {
        double width = WIDTH * share;
        Figure figure = plot.drawing().at(new Layout(width, width * plot.ratio(), 1));
        pictures++;
        String svg = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + FigureImage.svg(figure, Palette.ON_WHITE, plot.alternative(), pictures);
        byte[] png = new PlotSheet(figure, Optional.empty(), Optional.empty(), Palette.ON_WHITE).png();
        Element frame = frame(parent, textWidth * share, textWidth * share * plot.ratio(), plot.alternative());
        // A vector first, and the same in pixels for programs that show no vectors.
        addImage(frame, "Pictures/figure-" + pictures + ".svg", svg.getBytes(StandardCharsets.UTF_8), "image/svg+xml");
        addImage(frame, "Pictures/figure-" + pictures + ".png", png, "image/png");
        describe(frame, plot.alternative());
    }

    private Element frame(Element parent, double width, double height, String title) {
        Element paragraph = writer.paragraph(parent, "Figure", "");
        Element frame = writer.element(DRAW, "draw:frame");
        frame.setAttributeNS(DRAW, "draw:name", "Picture " + pictures);
        frame.setAttributeNS(TEXT, "text:anchor-type", "as-char");
        frame.setAttributeNS(SVG, "svg:width", centimetres(width));
        frame.setAttributeNS(SVG, "svg:height", centimetres(height));
        paragraph.appendChild(frame);
        return frame;
    }

    private static String centimetres(double value) {
        return String.format(Locale.ROOT, "%.2fcm", value);
    }

    private void addImage(Element frame, String path, byte[] bytes, String type) throws IOException {
        document.insert(bytes, path, type);
        Element image = writer.element(DRAW, "draw:image");
        image.setAttributeNS(XLINK, "xlink:href", path);
        image.setAttributeNS(XLINK, "xlink:type", "simple");
        image.setAttributeNS(XLINK, "xlink:show", "embed");
        image.setAttributeNS(XLINK, "xlink:actuate", "onLoad");
        frame.appendChild(image);
    }

    /** What a frame shows, for those who cannot see it; stands after its contents. */
    private void describe(Element frame, String alternative) {
        Element description = writer.element(SVG, "svg:desc");
        description.setTextContent(XmlText.clean(alternative));
        frame.appendChild(description);
    }

    private void image(Picture picture, String alternative) throws IOException {
        pictures++;
        byte[] bytes = picture.bytes();
        boolean png = bytes.length > 1 && bytes[1] == 'P';
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
        double width = image == null ? textWidth : Math.min(textWidth, image.getWidth() / 38.0);
        double height = image == null ? textWidth / 2 : width * image.getHeight() / image.getWidth();
        Element frame = frame(writer.body(), width, height, alternative);
        addImage(frame, "Pictures/picture-" + pictures + (png ? ".png" : ".jpg"), bytes, png ? "image/png" : "image/jpeg");
        describe(frame, alternative);
    }

    private void tiles(List<Piece.Plot> plots) throws IOException {
        Element table = writer.element(TABLE, "table:table");
        table.setAttributeNS(TABLE, "table:name", "Table" + ++tables);
        Element columns = writer.element(TABLE, "table:table-column");
        columns.setAttributeNS(TABLE, "table:number-columns-repeated", "2");
        table.appendChild(columns);
        for (int i = 0; i < plots.size(); i += 2) {
            Element row = writer.element(TABLE, "table:table-row");
            for (Piece.Plot plot : plots.subList(i, Math.min(plots.size(), i + 2))) {
                Element cell = cell(row, "BareCell");
                plot(plot, cell, 0.48);
                writer.paragraph(cell, "Remark", plot.caption());
            }
            table.appendChild(row);
        }
        writer.body().appendChild(table);
    }

    private Element cell(Element row, String style) {
        Element cell = writer.element(TABLE, "table:table-cell");
        cell.setAttributeNS(TABLE, "table:style-name", style);
        cell.setAttributeNS(OdtDocument.OFFICE, "office:value-type", "string");
        row.appendChild(cell);
        return cell;
    }

    private void table(Piece.Table described) {
        int width = described.headings().size();
        if (!described.label().isEmpty() || !described.caption().isBlank()) {
            caption(described.label(), described.caption());
        }
        Element table = writer.element(TABLE, "table:table");
        table.setAttributeNS(TABLE, "table:name", "Table" + ++tables);
        Element columns = writer.element(TABLE, "table:table-column");
        columns.setAttributeNS(TABLE, "table:number-columns-repeated", Integer.toString(width));
        table.appendChild(columns);
        Aligned.Columns set = Aligned.Columns.of(described);
        Element header = writer.element(TABLE, "table:table-header-rows");
        Element first = writer.element(TABLE, "table:table-row");
        for (int column = 0; column < width; column++) {
            writer.paragraph(cell(first, "HeadCell"), set.numbers().get(column) ? "TableNumberHeading" : "TableHeading",
                    described.headings().get(column));
        }
        header.appendChild(first);
        table.appendChild(header);
        for (int row = 0; row < described.lines().size(); row++) {
            Element line = writer.element(TABLE, "table:table-row");
            boolean struck = described.lines().get(row).struckOut();
            for (int column = 0; column < width; column++) {
                Element paragraph = writer.paragraph(cell(line, "Cell"), set.numbers().get(column) ? "TableNumber" : "TableWords",
                        struck && set.numbers().get(column) ? "" : set.cells().get(column).get(row));
                if (struck && set.numbers().get(column)) {
                    String text = set.cells().get(column).get(row);
                    int end = Aligned.end(text);
                    writer.span(paragraph, "Struck", text.substring(0, end));
                    writer.text(paragraph, text.substring(end));
                }
            }
            table.appendChild(line);
        }
        writer.body().appendChild(table);
        writer.paragraph("Standard", "");
    }

    /** An equation as a formula object, which can be changed as one. */
    private void equation(Equation equation) throws IOException {
        String path = "Object " + ++formulas;
        String math = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + MathMl.of(equation);
        document.insert(math.getBytes(StandardCharsets.UTF_8), path + "/content.xml", "text/xml");
        document.insert(new byte[0], path + "/", "application/vnd.oasis.opendocument.formula");
        EquationPicture picture = new EquationPicture(equation);
        double scale = Math.min(1, textWidth / (picture.width() * POINT));
        Element paragraph = writer.paragraph("Formula", "");
        Element frame = writer.element(DRAW, "draw:frame");
        frame.setAttributeNS(DRAW, "draw:name", "Equation " + formulas);
        frame.setAttributeNS(TEXT, "text:anchor-type", "as-char");
        frame.setAttributeNS(SVG, "svg:width", centimetres(picture.width() * POINT * scale));
        frame.setAttributeNS(SVG, "svg:height", centimetres(picture.height() * POINT * scale));
        Element object = writer.element(DRAW, "draw:object");
        object.setAttributeNS(XLINK, "xlink:href", "./" + path);
        object.setAttributeNS(XLINK, "xlink:type", "simple");
        object.setAttributeNS(XLINK, "xlink:show", "embed");
        object.setAttributeNS(XLINK, "xlink:actuate", "onLoad");
        frame.appendChild(object);
        // For programs that set no formulas.
        addImage(frame, "ObjectReplacements/" + path + ".svg",
                ("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + picture.svg(Palette.ON_WHITE, formulas))
                .getBytes(StandardCharsets.UTF_8), "image/svg+xml");
        describe(frame, "predicted " + equation.plain());
        paragraph.appendChild(frame);
    }
}
