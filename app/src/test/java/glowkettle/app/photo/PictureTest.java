package glowkettle.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureTest {
    /** Black, with a white corner at the top left. */
    private static byte[] drawn(String format, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width / 4, height / 4);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** An Exif segment with the way the camera was held and a latitude, put in front of the picture. */
    private static byte[] withExif(byte[] jpeg, int orientation) {
        ByteBuffer exif = ByteBuffer.allocate(6 + 8 + 2 + 2 * 12 + 4 + 2 + 2 * 12 + 4 + 24);
        exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        exif.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        exif.putShort((short) 2);
        exif.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        exif.putShort((short) 0x8825).putShort((short) 4).putInt(1).putInt(38);
        exif.putInt(0);
        exif.putShort((short) 2);
        exif.putShort((short) 1).putShort((short) 2).putInt(2).put((byte) 'N').put(new byte[3]);
        exif.putShort((short) 2).putShort((short) 5).putInt(3).putInt(68);
        exif.putInt(0);
        exif.putInt(38).putInt(1).putInt(42).putInt(1).putInt(0).putInt(1);
        ByteBuffer whole = ByteBuffer.allocate(jpeg.length + 4 + exif.capacity());
        whole.put(jpeg, 0, 2).putShort((short) 0xFFE1).putShort((short) (exif.capacity() + 2));
        return whole.put(exif.array()).put(jpeg, 2, jpeg.length - 2).array();
    }

    @Test
    void keepsNeitherPlaceNorCamera() throws Exception {
        byte[] sent = withExif(drawn("jpg", 400, 300), 1);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNotNull();
        var kept = ImageMetadataReader.readMetadata(
                new ByteArrayInputStream(Picture.of(sent).jpeg()));
        assertThat(kept.getDirectories())
                .extracting(Directory::getName)
                .noneMatch(name -> name.contains("GPS") || name.contains("Exif"));
        assertThat(kept.getFirstDirectoryOfType(ExifIFD0Directory.class)).isNull();
    }

    @ParameterizedTest
    @CsvSource({"1,400,300,0,0", "3,400,300,399,299", "6,300,400,299,0", "8,300,400,0,399", "2,400,300,399,0"})
    void standsUprightHoweverTheCameraWasHeld(int orientation, int width, int height, int cornerX, int cornerY)
            throws Exception {
        Picture picture = Picture.of(withExif(drawn("jpg", 400, 300), orientation));
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(picture.jpeg()));
        assertThat(shown.getWidth()).isEqualTo(width).isEqualTo(picture.width());
        assertThat(shown.getHeight()).isEqualTo(height);
        assertThat(new Color(shown.getRGB(cornerX, cornerY)).getRed()).isGreaterThan(200);
        assertThat(new Color(shown.getRGB(width - 1 - cornerX, height - 1 - cornerY)).getRed())
                .isLessThan(50);
    }

    @Test
    void isAtMostSixteenHundredDotsLong() throws Exception {
        assertThat(Picture.of(drawn("png", 900, 3200)).height()).isEqualTo(1600);
        assertThat(Picture.of(drawn("png", 90, 30)).width()).isEqualTo(90);
    }

    @ParameterizedTest
    @CsvSource({"gif", "bmp"})
    void judgesByTheContentAndTakesJpegAndPngOnly(String format) throws IOException {
        byte[] sent = drawn(format, 40, 30);
        assertThatThrownBy(() -> Picture.of(sent))
                .isInstanceOf(Picture.NotTaken.class)
                .hasMessageContaining("JPEG and PNG");
    }

    @Test
    void refusesAPictureThatWouldFillTheMemoryBeforeItIsUnpacked() throws Exception {
        byte[] png = drawn("png", 40, 30);
        ByteBuffer.wrap(png).putInt(16, 60_000).putInt(20, 60_000);
        java.util.zip.CRC32 check = new java.util.zip.CRC32();
        check.update(png, 12, 17);
        ByteBuffer.wrap(png).putInt(29, (int) check.getValue());
        assertThatThrownBy(() -> Picture.of(png)).hasMessageContaining("3600 million dots");
    }

    @Test
    void whatIsPackedBesideThePictureIsNeverUnpacked() throws Exception {
        byte[] sent = Bombs.pngWithText(drawn("png", 400, 300), 100 << 20);
        assertThat(sent.length).isLessThan(200_000);
        var threads = (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        assertThat(Picture.of(sent).width()).isEqualTo(400);
        assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(30 << 20);
    }

    @Test
    void isReadAtNoMoreDotsThanItsDrawingNeeds() throws Exception {
        byte[] sent = drawn("png", 6_000, 4_000);
        var threads = (com.sun.management.ThreadMXBean) java.lang.management.ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        assertThat(Picture.of(sent).width()).isEqualTo(1600);
        // The whole of it would take 72 MB.
        assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(50 << 20);
    }

    @Test
    void refusesDotsOfMoreBitsThanTheMemoryIsMeantFor() throws Exception {
        assertThatThrownBy(() -> Picture.of(Bombs.pngOf(7_000, 7_000, 16, 6)))
                .isInstanceOf(Picture.NotTaken.class)
                .hasMessageContaining("49 million dots");
    }

    @Test
    void refusesAPictureThatBuildsUpWithoutEnd() throws Exception {
        byte[] jpeg = drawn("jpg", 40, 30);
        byte[] passes = Arrays.copyOf(jpeg, jpeg.length + 200);
        for (int i = jpeg.length; i < passes.length; i += 2) {
            passes[i] = (byte) 0xFF;
            passes[i + 1] = (byte) 0xDA;
        }
        assertThatThrownBy(() -> Picture.of(passes)).isInstanceOf(Picture.NotTaken.class);
    }

    @Test
    void brokenPicturesAreRefusedAndNeverFail() throws IOException {
        byte[] jpeg = withExif(drawn("jpg", 64, 48), 6);
        byte[] png = drawn("png", 64, 48);
        Random random = new Random(1);
        for (int i = 0; i < 600; i++) {
            byte[] broken = (i % 2 == 0 ? jpeg : png).clone();
            for (int j = 0; j < 1 + i % 7; j++) {
                broken[random.nextInt(broken.length)] = (byte) random.nextInt();
            }
            byte[] cut = i % 3 == 0 ? Arrays.copyOf(broken, random.nextInt(broken.length)) : broken;
            try {
                assertThat(Picture.of(cut).width()).isPositive();
            } catch (Picture.NotTaken refused) {
                assertThat(refused.getMessage()).isNotBlank();
            }
        }
    }
}
