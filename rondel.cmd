@echo off
rem Rondel's launcher for Windows: finds a JDK, builds what is missing, and starts the window or a command.
setlocal enabledelayedexpansion
set "here=%~dp0"
set "app=%here%launcher\target\app"

call :usable "%JAVA_HOME%" && goto found
for %%j in (java.exe) do if not "%%~$PATH:j"=="" (
    for %%d in ("%%~dp$PATH:j..") do call :usable "%%~fd" && goto found
)
for /d %%d in ("%ProgramFiles%\Eclipse Adoptium\jdk-*" "%ProgramFiles%\Java\jdk-*" "%ProgramFiles%\Microsoft\jdk-*" "%USERPROFILE%\.jdks\*") do (
    call :usable "%%~d" && goto found
)
echo Rondel needs a JDK 25 or newer, and found none; install one ^(for example Temurin 25^) or set JAVA_HOME. 1>&2
exit /b 1

:found
if "%~1"=="test" (
    call mvn -B -ntp -f "%here%pom.xml" verify
    exit /b !errorlevel!
)
if not exist "%app%\built" (
    echo Building Rondel ... 1>&2
    call mvn -B -ntp -q -f "%here%pom.xml" package -DskipTests -Dspotless.check.skip || exit /b 1
    echo built> "%app%\built"
)
set options=--enable-native-access=ALL-UNNAMED,javafx.graphics --sun-misc-unsafe-memory-access=allow
set options=%options% --module-path "%app%\modules" --add-modules javafx.controls -XX:+UseG1GC -XX:G1HeapRegionSize=1m -XX:GCTimeRatio=4 -XX:ConcGCThreads=1 -Xlog:disable
if "%~1"=="bench" (
    "%JAVA_HOME%\bin\java" %options% -Xmx2g -Drondel.home="%here%." -Drondel.app="%app%" -cp "%app%\lib\*;%here%benchmarks\target\bench\*" rondel.bench.Bench
    exit /b !errorlevel!
)
"%JAVA_HOME%\bin\java" %options% -Drondel.home="%here%." -cp "%app%\lib\*" rondel.launcher.Main %*
exit /b %errorlevel%

:usable
if "%~1"=="" exit /b 1
if not exist "%~1\bin\javac.exe" exit /b 1
set major=0
for /f "tokens=2 delims==." %%v in ('findstr /b "JAVA_VERSION=" "%~1\release" 2^>nul') do set "major=%%~v"
set "major=%major:"=%"
if %major% GEQ 25 (
    set "JAVA_HOME=%~1"
    exit /b 0
)
exit /b 1
