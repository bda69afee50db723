package rondel.desktop.app;

import rondel.desktop.command.Commands;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.compose.shelf.ShelfView;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.TextEdits;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.LibraryModel;
import rondel.desktop.gang.planning.GangModel;
import rondel.desktop.gang.planning.NestRun;
import rondel.desktop.handoff.making.HandOffActions;
import rondel.desktop.lines.FindingsModel;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.sheet.SheetView;
import rondel.job.Stock;

/** What of the window stages are made of. */
record WindowParts(
        Desk desk,
        SheetView sheet,
        ShelfView shelf,
        Commands commands,
        TextEdits texts,
        LetterChoice letters,
        PointChoice points,
        FindingsModel findings,
        Preview preview,
        BackgroundEdits edits,
        GangModel gang,
        NestRun nest,
        LibraryModel<Stock> stocks,
        RunActions run,
        HandOffActions handOff) {}
