@echo off
rem An .msi for Windows, with a Java runtime of its own. To be run on Windows with a JDK 25 or newer in JAVA_HOME and the WiX
rem Toolset 3 or newer on the path (jpackage needs it), after rondel.cmd has built.
rem Written by the documentation of jpackage; untried so far, as no Windows was at hand.
rem   windows.cmd APP OUT
setlocal
set app=%~1
set out=%~2
set here=%~dp0
set version=0.1.0
set work=%TEMP%\rondel-package
rmdir /s /q "%work%" 2>nul
mkdir "%work%\input\modules"
"%JAVA_HOME%\bin\jlink" "@%here%runtime.args" --output "%work%\runtime" || exit /b 1
copy /y "%app%\lib\*.jar" "%work%\input" >nul
copy /y "%app%\modules\*.jar" "%work%\input\modules" >nul
del "%work%\input\*natives-linux*" "%work%\input\*natives-macos*" 2>nul
for %%j in ("%work%\input\launcher-*.jar") do set main=%%~nxj
"%JAVA_HOME%\bin\jpackage" --type msi --name Rondel --app-version %version% --runtime-image "%work%\runtime" ^
  --input "%work%\input" --main-jar %main% "@%here%launcher.args" --dest "%out%" ^
  --file-associations "%here%association.properties" --license-file "%here%..\LICENSE" ^
  --win-menu --win-dir-chooser --win-per-user-install --win-upgrade-uuid 5f0b2f0e-6a3c-4c63-9a0e-7d1f4f4e5a21 ^
  --java-options "--module-path=$APPDIR\modules" --java-options "--add-modules=javafx.controls"
