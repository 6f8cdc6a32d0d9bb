package hestra.documents.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.CRC32;

import javax.imageio.ImageIO;

import hestra.documents.file.Result;
import hestra.tracing.Picture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class PictureFileTest {

    @TempDir
    private Path folder;

    private static byte[] encoded(String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), format, out);
        return out.toByteArray();
    }

    private String refusal(byte[] bytes) throws IOException {
        return ((Result.Refused<Picture>) PictureFile.read(Files.write(folder.resolve("plot.png"), bytes))).message();
    }

    /** The head of a PNG that says it is this large, and nothing more. */
    private static byte[] head(int width, int height) throws IOException {
        ByteArrayOutputStream chunk = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(chunk);
        data.writeBytes("IHDR");
        data.writeInt(width);
        data.writeInt(height);
        data.write(new byte[] {8, 2, 0, 0, 0});
        CRC32 check = new CRC32();
        check.update(chunk.toByteArray());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream png = new DataOutputStream(out);
        png.writeLong(0x89504E470D0A1A0AL);
        png.writeInt(13);
        png.write(chunk.toByteArray());
        png.writeInt((int) check.getValue());
        return out.toByteArray();
    }

    @Test
    void picturesOfBothKindsAreTakenAsTheyAre() throws IOException {
        for (String format : new String[] {"png", "jpeg"}) {
            byte[] bytes = encoded(format);
            Result<Picture> read = PictureFile.read(Files.write(folder.resolve("plot." + format), bytes));
            assertThat(((Result.Done<Picture>) read).value().bytes()).isEqualTo(bytes);
        }
    }

    @Test
    void aPictureOfTwentyThousandPixelsASideIsRefusedByItsHead() throws IOException {
        assertThat(refusal(head(20_000, 20_000))).contains("too large").contains("20000 × 20000");
        assertThat(refusal(head(9_000, 9_000))).as("81 million pixels").contains("too large");
    }

    @Test
    void whatIsNoPictureOrDamagedIsRefused() throws IOException {
        assertThat(refusal("days,length".getBytes(StandardCharsets.UTF_8))).contains("cannot be read as a picture");
        assertThat(refusal(new byte[0])).contains("cannot be read as a picture");
        assertThat(refusal(encoded("gif"))).contains("another kind");
        assertThat(refusal(Arrays.copyOf(encoded("png"), 60))).contains("damaged");
        assertThat(refusal(head(60, 40))).contains("damaged");
        assertThat(((Result.Refused<Picture>) PictureFile.read(folder)).message()).contains("folder");
        assertThat(((Result.Refused<Picture>) PictureFile.read(folder.resolve("none.png"))).message()).contains("not there");
    }
}
