package glowkettle.app.photo;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A photo drawn anew as JPEG: upright, at most {@value #LONGEST_EDGE} dots along its longer edge, and with nothing but the
 * picture, so that no place, time or camera stays in it.
 */
record Picture(byte[] jpeg, int width, int height) {
    static final String TYPE = "image/jpeg";
    static final String BROKEN = "The picture is broken; send it again";
    private static final int LONGEST_EDGE = 1600;
    private static final long MOST_DOTS = 60_000_000;
    /** As many bits as the dots of that picture have in the usual three colours. */
    private static final long MOST_BITS = MOST_DOTS * 24;
    /** A picture that builds up in passes is kept whole until the last; nobody's camera makes as many. */
    private static final int MOST_PASSES = 32;

    private static final int START_OF_SCAN = 0xDA;
    private static final Set<String> READ = Set.of("jpeg", "png");

    /** What was sent is no picture that is taken; the message says what is. */
    static final class NotTaken extends Exception {
        NotTaken(String message) {
            super(message);
        }
    }

    /** Judges by the content, whatever name or type it came with. */
    static Picture of(byte[] sent) throws NotTaken {
        boolean png = PngChunks.isPng(sent);
        BufferedImage read = png ? read(PngChunks.ofThePicture(sent)) : read(sent);
        double scale = Math.min(1, (double) LONGEST_EDGE / Math.max(read.getWidth(), read.getHeight()));
        int orientation = png ? 1 : orientation(sent);
        boolean onItsSide = orientation >= 5;
        int width = Math.max(1, (int) Math.round((onItsSide ? read.getHeight() : read.getWidth()) * scale));
        int height = Math.max(1, (int) Math.round((onItsSide ? read.getWidth() : read.getHeight()) * scale));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, width, height);
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.scale(scale, scale);
        graphics.transform(upright(orientation, read.getWidth(), read.getHeight()));
        graphics.drawImage(read, 0, 0, null);
        graphics.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(drawn, "jpg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Picture(out.toByteArray(), width, height);
    }

    private static BufferedImage read(byte[] sent) throws NotTaken {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !READ.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw new NotTaken("This is no picture that can be read; JPEG and PNG are taken");
            }
            try {
                reader.setInput(stream, true, true);
                return reader.read(0, reduced(reader, sent));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            throw new NotTaken(BROKEN);
        }
    }

    /**
     * Asked before anything is unpacked: a small file may hold a picture that fills the memory. Read at no more dots than
     * the drawing needs.
     */
    private static ImageReadParam reduced(ImageReader reader, byte[] sent) throws IOException, NotTaken {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        long dots = (long) width * height;
        long bits = dots * (PngChunks.isPng(sent) ? PngChunks.bitsADot(sent) : 24);
        if (dots > MOST_DOTS || bits > MOST_BITS) {
            throw new NotTaken("The picture has %s million dots; at most %s million are taken, half as many of 16 bit"
                    .formatted(dots / 1_000_000, MOST_DOTS / 1_000_000));
        }
        if (passes(sent) > MOST_PASSES) {
            throw new NotTaken(BROKEN);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int one = Math.max(1, Math.max(width, height) / LONGEST_EDGE);
        param.setSourceSubsampling(one, one, 0, 0);
        return param;
    }

    /** How often a JPEG goes over its dots; a marker is never part of the packed dots. */
    private static int passes(byte[] sent) {
        if (PngChunks.isPng(sent)) {
            return 1;
        }
        int passes = 0;
        for (int i = 1; i < sent.length; i++) {
            passes += sent[i - 1] == (byte) 0xFF && sent[i] == (byte) START_OF_SCAN ? 1 : 0;
        }
        return passes;
    }

    /** Which way the camera was held, 1 to 8 as Exif counts it. */
    private static int orientation(byte[] sent) {
        try {
            ExifIFD0Directory exif = JpegMetadataReader.readMetadata(
                            new ByteArrayInputStream(sent), List.of(new ExifReader()))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            int said = exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? 1
                    : exif.getInt(ExifIFD0Directory.TAG_ORIENTATION);
            return said < 1 || said > 8 ? 1 : said;
        } catch (JpegProcessingException | IOException | MetadataException unsaid) {
            return 1;
        }
    }

    private static AffineTransform upright(int orientation, int width, int height) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
            default -> new AffineTransform();
        };
    }
}
