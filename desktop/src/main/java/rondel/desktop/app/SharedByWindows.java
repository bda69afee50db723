package rondel.desktop.app;

import rondel.desktop.desk.Preferred;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.job.LastLooks;
import rondel.formats.job.RecentJobs;
import rondel.formats.picture.PictureLevels;

/** What all windows of the program have together.
 *
 * @param log where it is written what went wrong
 * @param pictures those that are decoded, within one share of the memory however many windows there are */
record SharedByWindows(
        String log,
        FontsAtHand fonts,
        RecentJobs recent,
        LastLooks looks,
        Preferred preferred,
        PictureLevels pictures) {}
