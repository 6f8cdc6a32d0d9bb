package hestra.desktop.tour;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;

import javax.imageio.ImageIO;

import hestra.desk.Desk;
import hestra.documents.exercise.HestraFile;
import hestra.documents.file.FileWriting;
import hestra.documents.page.PageFile;
import hestra.documents.page.PagePictures;
import hestra.documents.page.Paper;
import hestra.documents.page.StudyPage;

/** The files of a study: the study itself, its report, and a picture of the report's first page. */
final class StudyTour {


    private StudyTour() {}

    /** Saves a study. */
    static Path save(Desk study, Path folder) throws IOException {
        Path file = folder.resolve("reed-heights.hestra");
        HestraFile.write(study, file);
        return file;
    }

    /** Writes its report as a PDF. */
    static Path report(Desk study, Path folder) throws IOException {
        Path file = folder.resolve("reed-heights.pdf");
        PageFile.write(StudyPage.of(study, "Tove Marsh", "26 November 2026"), Paper.A4, file);
        return file;
    }

    /** Draws the first page of a PDF. */
    static void picture(Path pdf, Path picture) throws IOException {
        BufferedImage page = PagePictures.first(pdf);
        FileWriting.write(picture, out -> ImageIO.write(page, "png", out));
    }
}
